import Box from "@mui/material/Box";
import type { CriterionLook } from "../../api/types";

const HEIGHT = 26;

/** How often each step was given, the lowest on the left: a bar for each, its figure under it. */
export function LevelBars({ levels }: { levels: CriterionLook["levels"] }) {
  const most = Math.max(1, ...levels.map((it) => it.given));

  return (
    <Box
      role="img"
      aria-label={levels.map((it, index) => `step ${index + 1}: ${it.given}`).join(", ")}
      sx={{ display: "flex", gap: "2px", alignItems: "end" }}
    >
      {levels.map((it, index) => (
        <Box key={index} title={it.text} sx={{ width: 27, textAlign: "center" }}>
          <Box
            sx={{
              height: Math.max(1, (it.given / most) * HEIGHT),
              bgcolor: it.given === 0 ? "error.main" : "text.primary",
              opacity: it.given === 0 ? 1 : 0.65,
            }}
          />
          <Box component="span" sx={{ typography: "figure", fontSize: 15, color: it.given === 0 ? "error.main" : "text.primary" }}>
            {it.given}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
