import Box from "@mui/material/Box";
import type { TrayLayout, Verdict } from "../api/types";
import { VerdictMark } from "./VerdictMark";

/** The tray, small: a place for each piece with its mark; a gap is a piece that is not weighed. */
export function MiniTray({ layout, verdicts }: { layout: TrayLayout; verdicts: Record<string, Verdict> }) {
  return (
    <Box
      aria-hidden
      sx={{
        display: "grid",
        gridTemplateColumns: `repeat(${layout.columns}, 1fr)`,
        gap: "2px",
        p: "4px",
        border: "2px solid",
        borderColor: "steel.main",
        outline: "1px solid",
        outlineColor: "divider",
        outlineOffset: "-4px",
        bgcolor: "background.default",
      }}
    >
      {layout.places.map(({ place, column, row }) => (
        <Box
          key={place}
          sx={{
            gridColumn: column,
            gridRow: row,
            height: 21,
            display: "grid",
            placeItems: "center",
            outline: "1px dotted",
            outlineColor: "divider",
          }}
        >
          <VerdictMark verdict={verdicts[place] ?? "pending"} size={16} />
        </Box>
      ))}
    </Box>
  );
}
