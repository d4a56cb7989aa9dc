import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { underSupervision, useSupervised } from "./useSupervised";

const always = [
  "The blade lies away from the edge of the table, or in its guard, whenever it is not in the hand.",
  "With a knife only where your instructor, the house rules and local codes allow it; who is under age, never alone.",
];

/** What holds for every step. */
export function Cautions({ cautions }: { cautions: string[] }) {
  const supervised = useSupervised();

  return (
    <Box component="aside" aria-label="Cautions" sx={{ borderLeft: "5px solid", borderColor: "secondary.main", pl: 2 }}>
      {supervised && <Typography sx={{ mb: 0.5, fontWeight: 700 }}>{underSupervision}</Typography>}
      {[...cautions, ...always].map((caution) => (
        <Typography key={caution} sx={{ mb: 0.5 }}>
          {caution}
        </Typography>
      ))}
    </Box>
  );
}
