import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import type { Floor, FloorStation } from "../../api/types";
import { useUser } from "../../api/useSession";
import { Unseen } from "../../parts/Unseen";
import { ClockBar } from "./ClockBar";
import { outFor } from "./ColdChain";
import { stageWords } from "../../parts/stages";
import { StageMark, WayMarks } from "./stages";

interface StationTileProps {
  station: FloorStation;
  floor: Floor;
  now: number;
  isPicked: boolean;
  /** Who else has this tray open. */
  others: string[];
  onPick: () => void;
  /** A long press, or the other button of a mouse. */
  onNote: () => void;
}

/** The band of the product: the colour of the board it is cut on (common practice), with its word. */
const bands: Record<Floor["product"], { word: string; paper: string; ink: string }> = {
  poultry: { word: "raw poultry", paper: "#e6b800", ink: "#1c1916" },
  fish: { word: "raw fish", paper: "#1f5fa8", ink: "#ffffff" },
  meat: { word: "raw meat", paper: "#a3271f", ink: "#ffffff" },
  other: { word: "", paper: "#5a6268", ink: "#ffffff" },
};

/** A tile of an upright tablet: the name has its own line rather than a few letters of one. */
const NARROW_AND_TALL = "@container (max-width: 168px) and (min-height: 170px)";

/** One station, to be read from two metres: number, shape and word of its state, clock, last mark, what is missing. It writes as large as it has room. */
export function StationTile({ station, floor, now, isPicked, others, onPick, onNote }: StationTileProps) {
  const { stage, last, missing } = station;
  const band = bands[floor.product];
  const isOver = stage === "judged";
  const { id } = useUser();
  const isOurs = floor.assessors.length > 1 && floor.assessors.some((it) => it.person === id && it.stations.includes(station.station));
  const standing = [
    ...(station.started_ms === null && floor.stations.some((it) => it.wave !== station.wave) ? [`wave ${station.wave}`] : []),
    ...(station.pan === null ? [] : [`pan ${station.pan.pan} ${station.pan.zone}`]),
    ...(isOurs ? ["yours"] : []),
  ];
  const lacks = outFor(station, now) > floor.cold_limit_ms && !isOver ? ["out of the cold too long", ...missing] : missing;

  return (
    <ButtonBase
      onClick={onPick}
      onContextMenu={(event) => {
        event.preventDefault();
        onNote();
      }}
      aria-pressed={isPicked}
      data-station={station.station}
      sx={{
        containerType: "size",
        display: "flex",
        flexDirection: "column",
        alignItems: "stretch",
        justifyContent: "flex-start",
        textAlign: "left",
        width: "100%",
        height: "100%",
        overflow: "hidden",
        bgcolor: isOver ? "background.default" : "background.paper",
        border: "2px solid",
        borderColor: station.incidents > 0 ? "error.main" : isOver ? "divider" : "text.primary",
        ...(isPicked && { outline: "4px solid", outlineColor: "secondary.main", outlineOffset: "-2px" }),
      }}
    >
      <Box sx={{ px: 1, bgcolor: band.paper, color: band.ink, typography: "figure", fontSize: 12, lineHeight: "15px", flex: "none" }}>
        {band.word}
      </Box>
      <Box sx={{ px: 1, pt: 0.25, minWidth: 0, display: "flex", flexDirection: "column", gap: "2px" }}>
        <Box sx={{ display: "flex", alignItems: "center", gap: 0.75, minWidth: 0, [NARROW_AND_TALL]: { flexWrap: "wrap" } }}>
          <Typography variant="figure" sx={{ fontSize: "clamp(28px, min(19cqh, 22cqw), 60px)", lineHeight: 1 }}>
            <Unseen>Station </Unseen>
            {station.station}
          </Typography>
          <Typography
            variant="label"
            sx={{
              flex: 1,
              minWidth: 0,
              lineHeight: 1.05,
              fontSize: "clamp(15px, 8.4cqw, 19px)",
              overflowWrap: "anywhere",
              [NARROW_AND_TALL]: { order: 1, flexBasis: "100%" },
            }}
          >
            {station.student}
          </Typography>
          <Box
            sx={{
              width: "clamp(24px, min(15cqh, 17cqw), 46px)",
              flex: "none",
              ml: "auto",
              "& svg": { width: "100%", height: "auto", display: "block" },
            }}
          >
            <StageMark stage={stage} />
          </Box>
        </Box>
        <Box sx={{ display: "flex", alignItems: "center", gap: 1, minWidth: 0 }}>
          <Typography variant="label" noWrap sx={{ fontWeight: 600, flex: 1, fontSize: "clamp(16px, min(10cqh, 11cqw), 26px)" }}>
            {stageWords[stage]}
          </Typography>
          <Box sx={{ flex: "none", "@container (max-width: 168px)": { display: "none" } }}>
            <WayMarks stage={stage} />
          </Box>
        </Box>
        {lacks.length > 0 && (
          <Typography variant="caption" component="p" sx={{ color: "error.main", fontWeight: 700, lineHeight: 1.15 }}>
            {lacks.join(", ")}
          </Typography>
        )}
        {(station.running_ms > 0 || station.running_since_ms !== null) && !isOver && (
          <ClockBar station={station} time={floor.time} now={now} />
        )}
        {standing.length > 0 && !isOver && (
          <Typography variant="caption" component="p" sx={{ fontWeight: 600, lineHeight: 1.2 }}>
            {standing.join(", ")}
          </Typography>
        )}
        {others.length > 0 && (
          <Typography variant="caption" component="p" sx={{ color: "secondary.main", fontWeight: 700, lineHeight: 1.15 }}>
            {others.join(", ")} here
          </Typography>
        )}
        {last.map((it) => (
          <Typography key={it.id} variant="caption" component="p" sx={{ color: "text.secondary", lineHeight: 1.2 }}>
            {it.text}
          </Typography>
        ))}
      </Box>
    </ButtonBase>
  );
}
