import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { MethodStep, SmallCutMap } from "../../api/types";
import { lowerFirst } from "../../parts/format";
import { SmallMap } from "../../parts/SmallMap";

interface StepProps {
  step: MethodStep;
  at: number;
  map: SmallCutMap;
}

/** A step of a method card as large as the screen allows: where, what to do, what to look for, how the hands are held, the usual fault. */
export function Step({ step, at, map }: StepProps) {
  return (
    <Box
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: step.parts.length > 0 ? "260px minmax(0, 1fr)" : "minmax(0, 1fr)" },
        gap: { xs: 2, md: 5 },
        alignItems: "center",
      }}
    >
      {step.parts.length > 0 && (
        <>
          <Box sx={{ display: { xs: "none", md: "block" } }}>
            <SmallMap map={map} height={340} lit={step.parts} />
          </Box>
          <Box sx={{ display: { md: "none" } }}>
            <SmallMap map={map} height={130} lit={step.parts} />
          </Box>
        </>
      )}
      <Box sx={{ display: "flex", flexDirection: "column", gap: 2 }}>
        <Box sx={{ display: "grid", gridTemplateColumns: "auto minmax(0, 1fr)", gap: { xs: 1.5, sm: 3 }, alignItems: "start" }}>
          <Typography variant="figure" aria-hidden sx={{ fontSize: "clamp(56px, 14vw, 120px)", lineHeight: 0.85, color: "secondary.main" }}>
            {at + 1}
          </Typography>
          <Typography variant="h1" sx={{ fontSize: "clamp(30px, 6.4vw, 56px)", lineHeight: 1.08 }}>
            {step.do}
          </Typography>
        </Box>
        <Typography sx={{ fontSize: "clamp(19px, 3.4vw, 28px)", lineHeight: 1.35 }}>{step.look}</Typography>
        <Typography sx={{ fontSize: "clamp(19px, 3.4vw, 28px)", lineHeight: 1.35 }}>{step.hand}</Typography>
        {step.caution !== null && (
          <Typography
            sx={{ borderLeft: "6px solid", borderColor: "secondary.main", pl: 2, fontWeight: 700, fontSize: "clamp(18px, 3vw, 25px)" }}
          >
            {step.caution}
          </Typography>
        )}
        <Typography sx={{ color: "text.secondary", fontSize: "clamp(17px, 2.6vw, 22px)" }}>
          Usual fault: {lowerFirst(step.fault)}
        </Typography>
      </Box>
    </Box>
  );
}
