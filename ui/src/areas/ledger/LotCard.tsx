import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import type { Lot, Needs } from "../../api/types";
import { orOf, upperFirst } from "../../parts/format";
import { useMassWords } from "../../parts/mass";
import { daysLeft, isOver } from "./daysLeft";
import { whereItWent } from "./whereItWent";

interface LotCardProps {
  lot: Lot;
  showsPractical: boolean;
  /** It must be gone soon, and nobody has asked for so much of it. */
  spare?: Needs["spare"][number] | undefined;
}

/** A lot as it stands on its shelf. */
export function LotCard({ lot, showsPractical, spare }: LotCardProps) {
  const mass = useMassWords();
  const over = isOver(lot) || (lot.is_barred && lot.on_hand_mg > 0);
  const isGone = lot.on_hand_mg === 0;

  return (
    <Box
      component={Link}
      to={`/ledger/lots/${lot.id}`}
      sx={{
        display: "grid",
        gap: 0.25,
        alignContent: "start",
        minHeight: 88,
        p: 1.25,
        color: "text.primary",
        textDecoration: "none",
        border: "2px solid",
        borderStyle: isGone ? "dashed" : "solid",
        borderColor: over ? "error.main" : isGone ? "divider" : "text.primary",
        bgcolor: isGone ? "transparent" : "background.paper",
        "&:hover": { outline: "2px solid", outlineColor: "currentColor" },
      }}
    >
      <Box sx={{ display: "flex", gap: 1, alignItems: "baseline" }}>
        <Typography variant="h3" component="h3" sx={{ flex: 1, minWidth: 0, overflowWrap: "anywhere" }}>
          {lot.title}
        </Typography>
        <Typography variant="figure" sx={{ fontSize: 20, whiteSpace: "nowrap" }}>
          {mass.full(isGone ? lot.mass_mg : lot.on_hand_mg)}
        </Typography>
      </Box>
      <Box sx={{ display: "flex", gap: 1, alignItems: "baseline" }}>
        <Typography variant="body2" sx={{ flex: 1, minWidth: 0, color: "text.secondary" }}>
          {[showsPractical ? (lot.practical ?? upperFirst(lot.species)) : null, lot.container, lot.is_off ? "below standard" : null]
            .filter((it) => it !== null)
            .join(", ")}
        </Typography>
        <Typography
          variant="label"
          sx={{ whiteSpace: "nowrap", fontWeight: over ? 700 : 500, color: over ? "error.main" : "text.primary" }}
        >
          {daysLeft(lot)}
        </Typography>
      </Box>
      {(lot.is_cooked_only || Object.keys(lot.moved).length > 0) && (
        <Typography variant="body2" sx={{ color: "text.secondary" }}>
          {[lot.is_cooked_only && !isGone ? "cooked only" : null, ...whereItWent(lot, mass)].filter((it) => it !== null).join(", ")}
        </Typography>
      )}
      {spare !== undefined && (
        <Typography variant="body2">
          {spare.mass_mg === lot.on_hand_mg ? "Nobody has asked for it" : `Nobody has asked for ${mass.full(spare.mass_mg)} of it`}
          {spare.becomes.length > 0 && `: it could become ${orOf(spare.becomes)}`}.
        </Typography>
      )}
    </Box>
  );
}
