import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ScaleCheck } from "../api/types";
import { useMassWords } from "./mass";
import { useTimeWords } from "./times";

/** What the scale said of a check weight, whether that is permissible, and what to do where it is not. */
export function ScaleCheckNote({ check }: { check: ScaleCheck }) {
  const mass = useMassWords();
  const { timeOfDay } = useTimeWords();

  return (
    <Box
      role="status"
      aria-label="Check of the scale"
      sx={{
        borderLeft: "5px solid",
        borderColor: check.is_within ? "secondary.main" : "error.main",
        bgcolor: "background.paper",
        px: 2,
        py: 1,
      }}
    >
      <Typography sx={{ fontWeight: 700, color: check.is_within ? "text.primary" : "error.main" }}>
        {check.is_within ? "The scale is within its limits." : "The scale is out of its limits."}
      </Typography>
      <Typography>
        {mass.full(check.nominal_mg)} read {mass.full(check.reading_mg)}: {mass.signed(check.error_mg)}, {mass.full(check.limit_mg)} either
        way is permissible (OIML R 76). {check.by}, {timeOfDay(check.at).slice(0, 5)}.
      </Typography>
      {!check.is_within && (
        <Typography>
          Level it, let it warm up, clear and zero it, and check again; else take another. What is weighed until then is marked on its
          verdict.
        </Typography>
      )}
    </Box>
  );
}
