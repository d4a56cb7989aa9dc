import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { PortionTurn } from "./usePortion";

/** Which portion of a set is on the scale, and whether they are weighed one by one. */
export function PortionSteps({ turn, mustBeEven }: { turn: PortionTurn; mustBeEven: boolean }) {
  const { number, count, isTogether } = turn;

  return (
    <Box role="group" aria-label="Portions" sx={{ display: "flex", alignItems: "center", gap: 1, flexWrap: "wrap" }}>
      {number !== null && (
        <>
          <Button
            size="small"
            aria-label="Portion before"
            disabled={number <= 1}
            onClick={() => turn.goTo(number - 1)}
            sx={{ minHeight: 48 }}
          >
            ‹
          </Button>
          <Typography variant="figure" sx={{ fontSize: 20 }}>
            {number} of {count}
          </Typography>
          <Button
            size="small"
            aria-label="Portion after"
            disabled={number >= count}
            onClick={() => turn.goTo(number + 1)}
            sx={{ minHeight: 48 }}
          >
            ›
          </Button>
        </>
      )}
      <Button size="small" onClick={() => turn.setTogether(!isTogether)} sx={{ minHeight: 48, ml: "auto" }}>
        {isTogether ? `Weigh the ${count} one by one` : "Weigh all together"}
      </Button>
      {isTogether && mustBeEven && (
        <Typography variant="body2" sx={{ color: "error.main", width: "100%" }}>
          Weighed together, how alike they are earns nothing.
        </Typography>
      )}
    </Box>
  );
}
