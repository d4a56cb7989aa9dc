import Box from "@mui/material/Box";
import type { TrayLayout, Verdict } from "../api/types";
import { VerdictMark } from "./VerdictMark";

/** The tray, small: a place for each piece with its mark; a gap is a piece that is not weighed. A page can show thousands of places: each is plain. */
export function MiniTray({ layout, verdicts }: { layout: TrayLayout; verdicts: Record<string, Verdict> }) {
  return (
    <Box
      aria-hidden
      style={{ gridTemplateColumns: `repeat(${layout.columns}, 1fr)` }}
      sx={{
        display: "grid",
        gap: "2px",
        p: "4px",
        border: "2px solid",
        borderColor: "steel.main",
        outline: "1px solid",
        outlineColor: "divider",
        outlineOffset: "-4px",
        bgcolor: "background.default",
        "& > div": { height: 21, display: "grid", placeItems: "center", outline: "1px dotted", outlineColor: "divider" },
      }}
    >
      {layout.places.map(({ place, column, row }) => (
        <div key={place} style={{ gridColumn: column, gridRow: row }}>
          <VerdictMark verdict={verdicts[place] ?? "pending"} size={16} />
        </div>
      ))}
    </Box>
  );
}
