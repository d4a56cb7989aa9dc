import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { OpenStandard, Standard } from "../../api/types";
import { clock, percent } from "../../parts/format";
import { EmptyTray } from "../../parts/EmptyTray";
import { PolicySection } from "./PolicySection";

/** How the tray is laid, what must weigh alike, what is judged on the way, and by what policy all of it is graded. */
export function TraySection({ standard: { item, document } }: { standard: OpenStandard }) {
  const titleOf = (piece: string): string => document.pieces.find((it) => it.id === piece)?.title ?? piece;
  const lines = rulesOf(document, titleOf);

  return (
    <>
      <EmptyTray layout={item.layout} titleOf={titleOf} />
      {lines.length > 0 && (
        <Box component="ul" aria-label="Rules of the tray" sx={{ m: 0, mt: 2, p: 0, listStyle: "none" }}>
          {lines.map((line) => (
            <Typography key={line} component="li" variant="body2" sx={{ py: 0.5, borderBottom: "1px solid", borderColor: "divider" }}>
              {line}
            </Typography>
          ))}
        </Box>
      )}
      <PolicySection document={document} />
    </>
  );
}

function rulesOf(document: Standard, titleOf: (piece: string) => string): string[] {
  const alike = (document.pairs ?? []).map((pair) => {
    const pieces = (Array.isArray(pair) ? pair : pair.pieces).map((it) => titleOf(it).toLowerCase());
    const within =
      Array.isArray(pair) || pair.tolerance === undefined ? "within the tolerance of the policy" : `within ${percent(pair.tolerance, 0)}`;

    return `Weigh alike, ${within}: ${pieces.join(", ")}.`;
  });
  const sets = document.pieces.flatMap((it) => (it.portions ? [`${it.title ?? it.id}: a set of ${it.portions.count} portions.`] : []));
  const counted = (document.bins ?? []).flatMap((it) =>
    it.portions ? [`${it.title ?? it.id}: ${it.portions.count} pieces, counted.`] : [],
  );
  const target = document.yield;
  const yields =
    target === null
      ? ["The portion yield does not count."]
      : target === undefined
        ? []
        : [`Portion yield: nothing at ${percent(target.floor, 0)} of AP, full at ${percent(target.target, 0)}.`];
  const checkpoints = (document.checkpoints ?? []).map((it) => {
    const judged = (it.criteria ?? []).map((id) => document.criteria?.find((criterion) => criterion.id === id)?.title ?? id);
    const allowed = it.time ? `, ${clock(it.time.standard_ms)}, limit ${clock(it.time.limit_ms)}` : "";

    return `Checkpoint, ${(it.title ?? it.id).toLowerCase()}${allowed}${judged.length > 0 ? `; judged there: ${judged.join(", ").toLowerCase()}` : ""}.`;
  });

  return [...sets, ...counted, ...alike, ...checkpoints, ...yields];
}
