import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Problem } from "../api/problem";
import type { Flag, SheetRow } from "../api/types";
import { useRelease } from "../api/useAssessment";
import { Field } from "./Field";
import { counted, points } from "./format";
import { Slip } from "./Slip";

/** A result that is to be issued. */
type ToIssue = Pick<SheetRow, "attempt" | "station" | "student" | "total" | "flags" | "release">;

interface ReleaseSlipProps {
  assessment: string;
  results: ToIssue[];
  onClose: () => void;
}

const warnings: Partial<Record<Flag["flag"], string>> = {
  borderline: "Borderline",
  not_second_marked: "Borderline, and not second-marked",
  out_of_balance: "Weights do not balance",
  mix_up: "May be mixed up with another tray",
};

/** Asked once before students see results; what somebody should have looked at first is named. */
export function ReleaseSlip({ assessment, results, onClose }: ReleaseSlipProps) {
  const release = useRelease(assessment);
  const [reason, setReason] = useState("");
  const again = results.filter((it) => it.release !== null);
  const isReady = results.length > 0 && (again.length === 0 || reason.trim() !== "");
  const submit = (): void => {
    if (isReady) release.mutate({ attempts: results.map((it) => it.attempt), reason: reason.trim() }, { onSuccess: onClose });
  };

  return (
    <Slip
      title={
        again.length === 0
          ? `Release ${counted(results.length, "result")}. Students see them at once.`
          : `Issue the next version of ${counted(results.length, "result")}. Students see it at once, beside what they were shown before.`
      }
      onClose={onClose}
      onSubmit={submit}
      actions={
        <>
          <Button onClick={onClose}>Not yet</Button>
          <Button type="submit" variant="contained" disabled={!isReady || release.isPending}>
            {again.length === 0 ? "Release" : "Issue"}
          </Button>
        </>
      }
    >
      {(Object.keys(warnings) as Flag["flag"][]).map((flag) => (
        <Warning key={flag} title={warnings[flag] ?? ""} results={results.filter((it) => it.flags.some((own) => own.flag === flag))} />
      ))}
      {again.length > 0 && (
        <>
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {again.map((it) => (
              <Typography key={it.attempt} component="li">
                Station {it.station}, {it.student}: released {it.release?.total == null ? "–" : points(it.release.total)}, now{" "}
                {it.total === null ? "–" : points(it.total)}
              </Typography>
            ))}
          </Box>
          <Field label="Issued again, because" value={reason} autoComplete="off" onChange={({ target }) => setReason(target.value)} />
        </>
      )}
      {release.error !== null && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          {release.error instanceof Problem
            ? release.error.detail
            : "The server does not answer. It may have released them all the same; released again, nothing is released twice."}
        </Typography>
      )}
    </Slip>
  );
}

function Warning({ title, results }: { title: string; results: ToIssue[] }) {
  if (results.length === 0) return null;

  return (
    <Box sx={{ borderLeft: "4px solid", borderColor: "error.main", pl: 1.5 }}>
      <Typography variant="h3" component="p">
        {title}
      </Typography>
      <Typography variant="body2">{results.map((it) => `${it.student} (station ${it.station})`).join("; ")}</Typography>
    </Box>
  );
}
