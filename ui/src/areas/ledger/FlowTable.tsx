import Box from "@mui/material/Box";
import type { Week } from "../../api/types";
import { useMassWords } from "../../parts/mass";
import { FigureCell, PlainTable } from "../../parts/PlainTable";

/** The bands of a flow, from where to where and how much. */
export function FlowTable({ week }: { week: Week }) {
  const mass = useMassWords();
  const titles = new Map(week.places.map((it) => [it.id, it.title]));

  return (
    <Box sx={{ maxWidth: 640 }}>
      <PlainTable label="Where it went" heads={[{ title: "From" }, { title: "To" }, { title: "Mass", isFigure: true }]}>
        {week.bands.map((it) => (
          <tr key={`${it.from} ${it.to}`}>
            <td>{titles.get(it.from)}</td>
            <td>{titles.get(it.to)}</td>
            <FigureCell>{mass.full(it.mass_mg)}</FigureCell>
          </tr>
        ))}
      </PlainTable>
    </Box>
  );
}
