import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { Floor, FloorStation } from "../../api/types";
import { toggled } from "../../parts/toggled";
import { useMeant } from "../../parts/useMeant";
import type { StationCaptures } from "./useStationCaptures";

interface StationMiseProps {
  station: FloorStation;
  items: Floor["mise"];
  entries: StationCaptures;
  isOpen: boolean;
  onTurn: (isOpen: boolean) => void;
}

/** The mise en place of one station: all in order, or what is not. */
export function StationMise({ station, items, entries, isOpen, onTurn }: StationMiseProps) {
  const change = useMeant(station.mise_open, (open) =>
    entries.take(station.attempt, open.length === 0 ? `Mise in order, station ${station.station}` : `Mise, station ${station.station}`, {
      kind: "mise",
      open,
    }),
  );
  const isShown = isOpen || station.mise_open.length > 0;

  return (
    <Box
      role="group"
      aria-label={`Mise of station ${station.station}`}
      sx={{
        bgcolor: "background.paper",
        border: "2px solid",
        borderColor: station.mise_open.length > 0 ? "error.main" : station.mise_looked ? "divider" : "text.primary",
        p: 1,
        display: "grid",
        gap: 0.75,
        alignContent: "start",
      }}
    >
      <Box sx={{ display: "flex", alignItems: "center", gap: 1 }}>
        <Typography variant="figure" sx={{ fontSize: 30, lineHeight: 1 }}>
          {station.station}
        </Typography>
        <Typography variant="label" noWrap sx={{ flex: 1 }}>
          {station.student}
        </Typography>
        {station.mise_looked && (
          <Typography variant="label" sx={{ fontWeight: 600, color: station.mise_open.length > 0 ? "error.main" : "text.primary" }}>
            {station.mise_open.length > 0 ? `${station.mise_open.length} open` : "in order ✓"}
          </Typography>
        )}
      </Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr auto", gap: 0.75 }}>
        <Button
          variant={station.mise_looked ? "outlined" : "contained"}
          onClick={() => (onTurn(false), change(() => []))}
          sx={{ minHeight: 56 }}
        >
          All in order
        </Button>
        <Button aria-expanded={isShown} onClick={() => onTurn(!isOpen)} sx={{ minHeight: 56 }}>
          Except …
        </Button>
      </Box>
      {isShown && (
        <Box sx={{ display: "grid", gap: 0.5 }}>
          {items.map((item) => {
            const isMissing = station.mise_open.includes(item.id);

            return (
              <Button
                key={item.id}
                aria-pressed={isMissing}
                onClick={() => change((now) => toggled(now, item.id))}
                sx={{
                  justifyContent: "flex-start",
                  textAlign: "left",
                  fontSize: 16,
                  ...(isMissing && {
                    bgcolor: "error.main",
                    borderColor: "error.main",
                    color: "background.paper",
                    "&:hover": { bgcolor: "error.main" },
                  }),
                }}
              >
                {isMissing ? "× " : ""}
                {item.title}
                {item.is_safety && ", safety"}
              </Button>
            );
          })}
        </Box>
      )}
    </Box>
  );
}
