import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { OpenStandard } from "../../api/types";
import { lowerFirst } from "../../parts/format";

/** The steps in order, each with what to look and feel for, the hands, the usual fault, and its caution in place. */
export function MethodCard({ steps, cautions }: { steps: OpenStandard["card"]; cautions: string[] }) {
  return (
    <>
      <Box component="ol" aria-label="Method card" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {steps.map((step, index) => (
          <Box
            component="li"
            key={step.do}
            sx={{ display: "grid", gridTemplateColumns: "34px minmax(0, 1fr)", py: 1, borderBottom: "1px solid", borderColor: "divider" }}
          >
            <Typography variant="figure" sx={{ fontSize: 26, lineHeight: 1, color: "secondary.main" }}>
              {index + 1}
            </Typography>
            <Box>
              <Typography sx={{ fontWeight: 700 }}>{step.do}</Typography>
              <Typography variant="body2">
                {step.look} {step.hand}
              </Typography>
              <Typography variant="body2" sx={{ color: "text.secondary" }}>
                Usual fault: {lowerFirst(step.fault)}
              </Typography>
              {step.caution !== null && (
                <Typography variant="body2" sx={{ borderLeft: "4px solid", borderColor: "secondary.main", pl: 1, mt: 0.5 }}>
                  {step.caution}
                </Typography>
              )}
            </Box>
          </Box>
        ))}
      </Box>
      <Box component="aside" aria-label="Cautions" sx={{ borderLeft: "5px solid", borderColor: "secondary.main", pl: 2, mt: 2 }}>
        {cautions.map((caution) => (
          <Typography key={caution} variant="body2">
            {caution}
          </Typography>
        ))}
      </Box>
    </>
  );
}
