import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Brief } from "../../api/types";
import { useCancel, usePostpone } from "../../api/useBriefs";
import { Field } from "../../parts/Field";
import { saidOf } from "../../parts/problems";
import { Slip } from "../../parts/Slip";

/** Puts a practical off to another day, or cancels it: each asks for its reason. */
export function PutOff({ brief }: { brief: Brief }) {
  const [asks, setAsks] = useState<"postpone" | "cancel" | null>(null);
  const close = (): void => setAsks(null);

  return (
    <>
      <Button onClick={() => setAsks("postpone")}>Put it off</Button>
      <Button onClick={() => setAsks("cancel")}>Cancel it</Button>
      {asks === "postpone" && <Postpone brief={brief} onClose={close} />}
      {asks === "cancel" && <Cancel brief={brief} onClose={close} />}
    </>
  );
}

function Postpone({ brief, onClose }: { brief: Brief; onClose: () => void }) {
  const postpone = usePostpone(brief.id);
  const [to, setTo] = useState({ day: brief.document.day ?? "", start: brief.document.start ?? "", reason: "" });
  const put = (part: Partial<typeof to>): void => setTo({ ...to, ...part });
  const isSame = to.day === brief.document.day && to.start === brief.document.start;

  return (
    <Slip
      title={`Put ${brief.document.title} off`}
      onClose={onClose}
      onSubmit={() => postpone.mutate(to, { onSuccess: onClose })}
      actions={
        <>
          <Button
            type="submit"
            variant="contained"
            disabled={postpone.isPending || isSame || to.reason.trim() === "" || to.day === "" || to.start === ""}
          >
            Put it off
          </Button>
          <Button onClick={onClose}>Not now</Button>
        </>
      }
    >
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "minmax(0, 1fr)", sm: "minmax(0, 1fr) minmax(0, 1fr)" }, gap: 1.5 }}>
        <Field label="New day" type="date" value={to.day} onChange={({ target }) => put({ day: target.value })} />
        <Field label="Begins" type="time" value={to.start} onChange={({ target }) => put({ start: target.value })} />
      </Box>
      <Field label="Because" value={to.reason} onChange={({ target }) => put({ reason: target.value })} autoComplete="off" />
      <Said problem={saidOf(postpone.error)} />
    </Slip>
  );
}

function Cancel({ brief, onClose }: { brief: Brief; onClose: () => void }) {
  const cancel = useCancel(brief.id);
  const [reason, setReason] = useState("");

  return (
    <Slip
      title={`Cancel ${brief.document.title}?`}
      onClose={onClose}
      onSubmit={() => cancel.mutate(reason, { onSuccess: onClose })}
      actions={
        <>
          <Button type="submit" variant="contained" disabled={cancel.isPending || reason.trim() === ""}>
            Cancel the practical
          </Button>
          <Button onClick={onClose}>Keep it</Button>
        </>
      }
    >
      <Typography>
        It stays where it is found, marked as cancelled, with all that was taken down. It cannot be set again; copy it to another day.
      </Typography>
      <Field label="Because" value={reason} onChange={({ target }) => setReason(target.value)} autoComplete="off" />
      <Said problem={saidOf(cancel.error)} />
    </Slip>
  );
}

function Said({ problem }: { problem: string | undefined }) {
  return problem === undefined ? null : (
    <Typography role="alert" sx={{ color: "error.main" }}>
      {problem}
    </Typography>
  );
}
