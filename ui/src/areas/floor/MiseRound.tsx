import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Floor } from "../../api/types";
import type { StationCaptures } from "./useStationCaptures";

/** Round the room before the clock: one tap where all is in order, one more for each thing that is not. */
export function MiseRound({ floor, entries }: { floor: Floor; entries: StationCaptures }) {
  const [open, setOpen] = useState<number | null>(null);
  const looked = floor.stations.filter((it) => it.mise_looked).length;

  return (
    <Box sx={{ p: 2, overflowY: "auto" }}>
      <Box sx={{ display: "flex", alignItems: "baseline", gap: 2, mb: 1 }}>
        <Typography variant="h1">Mise en place</Typography>
        <Typography role="status" aria-label="Stations looked at" sx={{ color: "text.secondary" }}>
          {looked} of {floor.stations.length} stations looked at
        </Typography>
      </Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(280px, 1fr))", gap: 1 }}>
        {floor.stations.map((station) => {
          const set = (items: string[]): void =>
            void entries.take(
              station.attempt,
              items.length === 0 ? `Mise in order, station ${station.station}` : `Mise, station ${station.station}`,
              { kind: "mise", open: items },
            );
          const isOpen = open === station.station || station.mise_open.length > 0;

          return (
            <Box
              key={station.attempt}
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
                  onClick={() => (setOpen(null), set([]))}
                  sx={{ minHeight: 56 }}
                >
                  All in order
                </Button>
                <Button
                  aria-expanded={isOpen}
                  onClick={() => setOpen(open === station.station ? null : station.station)}
                  sx={{ minHeight: 56 }}
                >
                  Except …
                </Button>
              </Box>
              {isOpen && (
                <Box sx={{ display: "grid", gap: 0.5 }}>
                  {floor.mise.map((item) => {
                    const isMissing = station.mise_open.includes(item.id);

                    return (
                      <Button
                        key={item.id}
                        aria-pressed={isMissing}
                        onClick={() => set(isMissing ? station.mise_open.filter((it) => it !== item.id) : [...station.mise_open, item.id])}
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
        })}
      </Box>
    </Box>
  );
}
