import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import type { Bench } from "../../api/types";
import { counted, day } from "../../parts/format";
import { useMassWords } from "../../parts/mass";

/** Lots that must be gone within two days, and that nobody has asked for. */
export function SpareLots({ spare, today }: { spare: NonNullable<Bench["spare"]>; today: string }) {
  const mass = useMassWords();

  return (
    <>
      <Typography variant="h3" sx={{ mt: 2, borderBottom: "2px solid", borderColor: "currentColor", pb: 0.5 }}>
        To use up
      </Typography>
      <ButtonBase
        component={Link}
        to="/ledger/on-hand"
        sx={{ display: "block", width: "100%", minHeight: 48, py: 0.75, "&:hover": { color: "secondary.main" } }}
      >
        <Typography variant="label" component="span" sx={{ display: "block" }}>
          {counted(spare.lots, "lot")}, {mass.bulk(spare.mass_mg)}
        </Typography>
        <Typography variant="body2" component="span" sx={{ display: "block", color: "text.secondary" }}>
          Nobody has asked for {spare.lots === 1 ? "it" : "them"}; {spare.lots === 1 ? "it" : "the first"} must be gone{" "}
          {spare.use_by === today ? "today" : `by ${day(spare.use_by)}`}.
        </Typography>
      </ButtonBase>
    </>
  );
}
