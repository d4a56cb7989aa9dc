import Box from "@mui/material/Box";
import { Link } from "react-router";

interface PanZone {
  zone: string;
  station: number;
  student: string;
  /** The address of this student's tray. */
  to: string;
}

interface PanMapProps {
  pan: number;
  /** In the order of zones. */
  zones: PanZone[];
  /** The zone of the student whose turn it is. */
  current: string;
}

/** A large pan from above, its label at the far left corner: two or three zones side by side, four in two rows. */
export function PanMap({ pan, zones, current }: PanMapProps) {
  return (
    <Box sx={{ display: "flex", alignItems: "stretch", border: "2px solid", borderColor: "text.primary", borderRadius: "10px", p: 0.5 }}>
      <Box
        sx={{ typography: "figure", fontSize: 15, writingMode: "vertical-rl", transform: "rotate(180deg)", textAlign: "right", px: 0.25 }}
      >
        pan {pan}
      </Box>
      <Box
        component="ul"
        aria-label={`Zones of pan ${pan}`}
        sx={{
          flex: 1,
          listStyle: "none",
          m: 0,
          p: 0,
          display: "grid",
          gap: "3px",
          gridTemplateColumns: `repeat(${zones.length === 4 ? 2 : Math.max(1, zones.length)}, minmax(0, 1fr))`,
        }}
      >
        {zones.map((it) => (
          <Box component="li" key={it.zone} sx={{ display: "flex" }}>
            <ZoneOfPan zone={it} isCurrent={it.zone === current} />
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function ZoneOfPan({ zone, isCurrent }: { zone: PanZone; isCurrent: boolean }) {
  const body = (
    <>
      <Box component="span" sx={{ typography: "figure", fontSize: 26, lineHeight: 1 }}>
        {zone.zone}
      </Box>
      <Box component="span" sx={{ typography: "label", lineHeight: 1.15, minWidth: 0, overflowWrap: "anywhere" }}>
        {zone.station} {zone.student}
      </Box>
    </>
  );
  const look = {
    flex: 1,
    minWidth: 0,
    display: "flex",
    alignItems: "center",
    gap: 1,
    minHeight: 48,
    px: 1,
    border: "1px solid",
    borderColor: "text.secondary",
    borderRadius: "5px",
    textDecoration: "none",
    color: isCurrent ? "background.paper" : "text.primary",
    bgcolor: isCurrent ? "text.primary" : "transparent",
  };

  return isCurrent ? (
    <Box component="span" aria-current="true" sx={look}>
      {body}
    </Box>
  ) : (
    <Box component={Link} to={zone.to} sx={look}>
      {body}
    </Box>
  );
}
