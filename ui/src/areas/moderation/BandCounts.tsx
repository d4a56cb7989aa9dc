import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Moderation } from "../../api/types";
import { counted, percent } from "../../parts/format";
import { FigureCell, PlainTable } from "../../parts/PlainTable";

/** Bands of this class against the earlier ones at the same standard. */
export function BandCounts({ moderation: { bands, earlier_classes: classes } }: { moderation: Moderation }) {
  const sum = (of: (band: Moderation["bands"][number]) => number): number => bands.reduce((whole, it) => whole + of(it), 0);
  const [here, before] = [sum((it) => it.count), sum((it) => it.earlier)];
  const share = (count: number, whole: number): string => (whole === 0 ? "–" : percent(count / whole, 0));

  return (
    <Box component="section" aria-label="Bands">
      <Typography variant="h2" sx={{ mb: 1 }}>
        Bands
      </Typography>
      <PlainTable
        label="Bands of this class and of earlier ones"
        heads={[
          { title: "Band" },
          { title: "This class", isFigure: true },
          { title: "Share", isFigure: true },
          { title: "Earlier", isFigure: true },
        ]}
      >
        {bands.map((it) => (
          <tr key={it.band}>
            <td>{it.band}</td>
            <FigureCell>{it.count}</FigureCell>
            <FigureCell>{share(it.count, here)}</FigureCell>
            <FigureCell>{share(it.earlier, before)}</FigureCell>
          </tr>
        ))}
      </PlainTable>
      <Typography variant="body2" sx={{ color: "text.secondary", mt: 1 }}>
        {classes === 0
          ? "No earlier class was held against this standard."
          : `Earlier: ${counted(before, "final result")} of ${counted(classes, "class", "classes")} at the same standard. Small classes scatter.`}
      </Typography>
    </Box>
  );
}
