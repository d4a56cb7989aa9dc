import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { Lot } from "../../api/types";

/** Labels for lots, to print: a sheet to cut up, or one after the other. */
export function LabelLinks({ lots }: { lots: Lot[] }) {
  if (lots.length === 0) return null;
  const of = lots.map((it) => it.id).join(",");

  return (
    <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, mb: 1.5, "@media print": { display: "none" } }}>
      <Button size="small" component="a" href={`/api/v1/ledger/labels?lots=${of}`} target="_blank" rel="noopener">
        Sheet of labels
      </Button>
      <Button size="small" component="a" href={`/api/v1/ledger/labels?size=single&lots=${of}`} target="_blank" rel="noopener">
        Single labels, 62 × 40 mm
      </Button>
    </Box>
  );
}
