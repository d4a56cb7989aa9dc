import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import type { PutAway } from "../../api/types";
import { useMassWords } from "../../parts/mass";

/** Weights that were corrected after they had become part of a lot: the lot keeps what it was made of until it is put right. */
export function ChangedWeights({ changed }: { changed: PutAway["changed"] }) {
  const mass = useMassWords();
  if (changed.length === 0) return null;

  return (
    <Box role="alert" sx={{ border: "2px solid", borderColor: "error.main", p: 1.5 }}>
      <Typography sx={{ color: "error.main", fontWeight: 700 }}>Weights were corrected after they were put away.</Typography>
      {changed.map((it) => (
        <Typography key={`${it.lot} ${it.station} ${it.was_mg}`}>
          Station {it.station}, <Link to={`/ledger/lots/${it.lot}`}>{it.title}</Link>: {mass.full(it.was_mg)} when it was put away,{" "}
          {it.now_mg === null ? "withdrawn now" : `${mass.full(it.now_mg)} now`}. Take the lot back and put it away again.
        </Typography>
      ))}
    </Box>
  );
}
