import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { ForPot } from "../../api/types";
import { lowerFirst } from "../../parts/format";
import { useMassWords } from "../../parts/mass";
import type { TakeLots } from "./useTakeLots";

interface WaitsForPotProps {
  waiting: ForPot;
  mayRecord: boolean;
  lots: TakeLots;
}

/** What was put away for stock, fat or mince and is in no pot yet: how it is made, and one tap to put the pot on. */
export function WaitsForPot({ waiting, mayRecord, lots }: WaitsForPotProps) {
  const mass = useMassWords();
  const name = `${waiting.title}, ${lowerFirst(waiting.species)}`;
  const start = waiting.use === "mince" ? "Start" : "Put the pot on";

  return (
    <Box
      role="group"
      aria-label={name}
      sx={{
        border: "2px solid",
        borderColor: "text.primary",
        bgcolor: "background.paper",
        p: 1.5,
        display: "grid",
        gap: 0.75,
        alignContent: "start",
      }}
    >
      <Box sx={{ display: "flex", gap: 1, alignItems: "baseline" }}>
        <Typography variant="h3" sx={{ flex: 1 }}>
          {name}
        </Typography>
        <Typography variant="figure" sx={{ fontSize: 22 }}>
          {mass.bulk(waiting.mass_mg)}
        </Typography>
      </Box>
      <Typography variant="body2" sx={{ color: "text.secondary" }}>
        {waiting.from.join("; ")}
      </Typography>
      {waiting.plan !== null && <Typography>{waiting.plan}</Typography>}
      {waiting.cautions.map((it) => (
        <Typography key={it} variant="body2" sx={{ borderLeft: "3px solid", borderColor: "secondary.main", pl: 1 }}>
          {it}
        </Typography>
      ))}
      {mayRecord && (
        <Button
          variant="contained"
          aria-label={`${start}: ${lowerFirst(name)}`}
          onClick={() => void lots.take(`${name}: the pot is on`, [{ kind: "pot", use: waiting.use, moves: waiting.moves }])}
        >
          {start}
        </Button>
      )}
    </Box>
  );
}
