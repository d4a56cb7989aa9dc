import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { TrayLayout } from "../api/types";

/** The tray as it is asked for: its places, named and still empty. */
export function EmptyTray({ layout, titleOf }: { layout: TrayLayout; titleOf: (piece: string) => string }) {
  return (
    <Box
      role="group"
      aria-label="Planned tray"
      sx={{
        display: "grid",
        gridTemplateColumns: `repeat(${layout.columns}, minmax(0, 1fr))`,
        gap: "6px",
        p: "10px",
        border: "3px solid",
        borderColor: "steel.main",
        borderRadius: "10px",
        bgcolor: "background.paper",
      }}
    >
      {layout.places.map(({ place, column, row }) => (
        <Box
          key={place}
          data-place={place}
          sx={{
            gridColumn: column,
            gridRow: row,
            display: "grid",
            placeItems: "center",
            minHeight: 62,
            px: 0.5,
            border: "1px dashed",
            borderColor: "divider",
            borderRadius: "3px",
          }}
        >
          <Typography variant="label" sx={{ textAlign: "center", lineHeight: 1.15, fontSize: 15.5 }}>
            {titleOf(place)}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}
