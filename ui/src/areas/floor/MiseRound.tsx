import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Floor } from "../../api/types";
import { StationMise } from "./StationMise";
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
        {floor.stations.map((it) => (
          <StationMise
            key={it.attempt}
            station={it}
            items={floor.mise}
            entries={entries}
            isOpen={open === it.station}
            onTurn={(isOpen) => setOpen(isOpen ? it.station : null)}
          />
        ))}
      </Box>
    </Box>
  );
}
