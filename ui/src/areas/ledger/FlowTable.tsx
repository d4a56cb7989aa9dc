import Box from "@mui/material/Box";
import type { Week } from "../../api/types";
import { useMassWords } from "../../parts/mass";

/** The bands of a flow, from where to where and how much. */
export function FlowTable({ week }: { week: Week }) {
  const mass = useMassWords();
  const titles = new Map(week.places.map((it) => [it.id, it.title]));

  return (
    <Box
      component="table"
      sx={{
        borderCollapse: "collapse",
        width: "100%",
        maxWidth: 640,
        "& th, & td": { textAlign: "left", py: 0.5, pr: 2, borderBottom: "1px solid", borderColor: "divider" },
      }}
    >
      <thead>
        <tr>
          <th>From</th>
          <th>To</th>
          <Box component="th" sx={{ textAlign: "right !important" }}>
            Mass
          </Box>
        </tr>
      </thead>
      <tbody>
        {week.bands.map((it) => (
          <tr key={`${it.from} ${it.to}`}>
            <td>{titles.get(it.from)}</td>
            <td>{titles.get(it.to)}</td>
            <Box component="td" sx={{ typography: "figure", textAlign: "right !important" }}>
              {mass.full(it.mass_mg)}
            </Box>
          </tr>
        ))}
      </tbody>
    </Box>
  );
}
