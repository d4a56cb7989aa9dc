import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import type { Trends } from "../../api/types";
import { dayInFull } from "../../parts/format";
import { useMassWords } from "../../parts/mass";
import { FigureCell, PlainTable } from "../../parts/PlainTable";
import { Section } from "../../parts/Section";
import { measures, measureTitles, said } from "./measures";

const heads = [
  { title: "Class" },
  { title: "Trays", isFigure: true },
  { title: "Version", isFigure: true },
  ...measures.map((it) => ({ title: measureTitles[it], isFigure: true })),
];

/** The figures that the pictures are drawn from. */
export function ClassesTable({ trends, standard }: { trends: Trends; standard: string }) {
  const mass = useMassWords();

  return (
    <Section title="Class by class">
      <PlainTable label="Class by class" heads={heads} minWidth={820}>
        {trends.classes.map((it) => (
          <tr key={it.assessment}>
            <td>
              <Link to={`/look-back/${it.assessment}`}>{dayInFull(it.held_on)}</Link>, {it.title}, {it.group}
            </td>
            <FigureCell>{it.trays}</FigureCell>
            <FigureCell>{it.version}</FigureCell>
            {measures.map((measure) => {
              const value = it.means[measure];

              return <FigureCell key={measure}>{value === null || value === undefined ? "–" : said(measure, value, mass)}</FigureCell>;
            })}
          </tr>
        ))}
      </PlainTable>
      <Typography variant="body2" sx={{ color: "text.secondary", mt: 1 }}>
        Means over the trays whose result is done, as on the class sheets; rehearsals are left out.{" "}
        <a href={`/api/v1/trends.csv?standard=${encodeURIComponent(standard)}`}>CSV</a>
      </Typography>
    </Section>
  );
}
