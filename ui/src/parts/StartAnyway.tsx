import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Fact } from "../api/types";
import { Field } from "./Field";
import { itemsOf, type Gate, type MiseItem } from "./mise";
import { Slip } from "./Slip";
import { useTaking } from "./useTaking";

interface StartAnywayProps {
  station: number;
  gate: Gate;
  mise: MiseItem[];
  /** What was not in order when the station was looked at. */
  open: string[];
  event: "start" | "resume";
  /** Whether it was taken down: what this device cannot keep stays on the slip. */
  onStart: (...facts: Fact[]) => Promise<boolean>;
  onClose: () => void;
}

/** A clock does not start with a safety item open: it is put right, or somebody says why not. */
export function StartAnyway({ station, gate, mise, open, event, onStart, onClose }: StartAnywayProps) {
  const unsafe = itemsOf(gate, mise);
  const [reason, setReason] = useState("");
  const rest = open.filter((id) => !gate.open.includes(id));
  const { isTaking, taking } = useTaking();
  const start = (...facts: Fact[]): void => taking(onStart(...facts), onClose);

  return (
    <Slip
      title={gate.looked ? "Not safe to start" : "Nobody has looked at this station"}
      onClose={onClose}
      onSubmit={() => {
        if (reason.trim() !== "") start({ kind: "clock", event, reason: reason.trim() });
      }}
      actions={
        <>
          <Button onClick={onClose}>Not yet</Button>
          <Button type="submit" disabled={reason.trim() === "" || isTaking}>
            Start anyway
          </Button>
        </>
      }
    >
      <Box component="ul" aria-label={`Station ${station}`} sx={{ m: 0, pl: 2.5 }}>
        {unsafe.map((it) => (
          <Typography key={it.id} component="li">
            {it.title}
          </Typography>
        ))}
      </Box>
      <Button
        variant="contained"
        disabled={isTaking}
        sx={{ minHeight: 64 }}
        onClick={() => start({ kind: "mise", open: rest }, { kind: "clock", event })}
      >
        {gate.looked ? "Put right: start the clock" : "All in order: start the clock"}
      </Button>
      <Field label="Or start all the same, because" value={reason} onChange={({ target }) => setReason(target.value)} autoComplete="off" />
    </Slip>
  );
}
