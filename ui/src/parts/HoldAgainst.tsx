import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Assessment } from "../api/types";
import { useHoldAgainst } from "../api/useAssessment";
import { useUser } from "../api/useSession";
import { useShelf } from "../api/useStandards";
import { Field } from "./Field";
import { saidOf } from "./problems";
import { Slip } from "./Slip";

/** Offered to who may set terms, where a later version of the standard is published: the class can be held against it, with a reason. */
export function HoldAgainst({ assessment }: { assessment: Assessment }) {
  const { may_set_terms: maySetTerms } = useUser();
  const shelf = useShelf();
  const [isAsking, setAsking] = useState(false);
  const latest = shelf.data?.find((it) => it.key === assessment.standard_key);
  if (!maySetTerms || latest === undefined || latest.version <= assessment.standard_version) return null;

  return (
    <>
      <Button onClick={() => setAsking(true)}>Hold against version {latest.version}</Button>
      {isAsking && <HoldSlip assessment={assessment} standard={latest} onClose={() => setAsking(false)} />}
    </>
  );
}

interface HoldSlipProps {
  assessment: Assessment;
  standard: { id: string; title: string; version: number };
  onClose: () => void;
}

function HoldSlip({ assessment, standard, onClose }: HoldSlipProps) {
  const hold = useHoldAgainst(assessment.id);
  const [reason, setReason] = useState("");
  const isReady = reason.trim() !== "" && !hold.isPending;

  return (
    <Slip
      title={`Hold this class against ${standard.title}, version ${standard.version}`}
      onClose={onClose}
      onSubmit={() => {
        if (isReady) hold.mutate({ standard: standard.id, reason: reason.trim() }, { onSuccess: onClose });
      }}
      actions={
        <>
          <Button onClick={onClose}>Leave it at version {assessment.standard_version}</Button>
          <Button type="submit" variant="contained" disabled={!isReady}>
            Hold against it
          </Button>
        </>
      }
    >
      <Typography>
        Every tray is graded anew; what was taken down stays. Released results stay as they were shown until a next version is issued.
      </Typography>
      <Field label="Because" value={reason} autoComplete="off" onChange={({ target }) => setReason(target.value)} />
      {hold.error !== null && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          {saidOf(hold.error)}
        </Typography>
      )}
    </Slip>
  );
}
