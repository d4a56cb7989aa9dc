import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { MethodStep, PracticeTray } from "../../api/types";
import { clock } from "../../parts/format";
import { FigureCell, PlainTable } from "../../parts/PlainTable";

interface SplitsProps {
  steps: MethodStep[];
  own: PracticeTray["splits"];
  reference: PracticeTray["reference"];
}

/** What the clock showed when each step was done, beside the reference. */
export function Splits({ steps, own, reference }: SplitsProps) {
  if (own.length === 0) return null;
  const ofOwn = new Map(own.map((it) => [it.step, it.running_ms]));
  const ofReference = new Map((reference?.splits ?? []).map((it) => [it.step, it.running_ms]));
  const isBeside = ofReference.size > 0;
  const said = (ms: number | undefined): string => (ms === undefined ? "–" : clock(ms));

  return (
    <Box component="section" aria-label="Step by step" sx={{ mt: 3, maxWidth: 760 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Step by step
      </Typography>
      <PlainTable
        label="When each step was done"
        heads={[{ title: "Step" }, { title: "Yours", isFigure: true }, ...(isBeside ? [{ title: "The reference", isFigure: true }] : [])]}
      >
        {steps.map((step, at) => (
          <tr key={step.do}>
            <td>
              {at + 1}. {step.do}
            </td>
            <FigureCell>{said(ofOwn.get(at))}</FigureCell>
            {isBeside && <FigureCell>{said(ofReference.get(at))}</FigureCell>}
          </tr>
        ))}
      </PlainTable>
    </Box>
  );
}
