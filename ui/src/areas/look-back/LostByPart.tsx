import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { ClassLook } from "../../api/types";
import { counted, dayInFull, points } from "../../parts/format";
import { OneOf } from "../../parts/OneOf";
import { FigureCell, PlainTable } from "../../parts/PlainTable";
import { Section } from "../../parts/Section";
import { factorTitles, valueTitle } from "./factors";

type Column = ClassLook["lost_by"][number];

const AT_FIRST = 8;

/** In the order in which a teacher would ask: what one tray each rests on comes last. */
const ORDER: Column["factor"][] = ["wave", "scale", "assessor", "tag", "delivery", "station"];

const titleOf = (it: Column): string => `${valueTitle(it.factor, it.value)}${it.held_on === null ? "" : `, ${dayInFull(it.held_on)}`}`;

/** Everything the class lost points at, station by station, wave by wave, and so on. */
export function LostByPart({ look: { lost, lost_by: columns } }: { look: ClassLook }) {
  const factors = ORDER.filter((factor) => columns.some((it) => it.factor === factor));
  const [asked, setAsked] = useState(factors[0] ?? "wave");
  const [isWhole, setWhole] = useState(false);
  const shown = columns.filter((it) => it.factor === asked);
  const things = isWhole ? lost : lost.slice(0, AT_FIRST);

  return (
    <Section title="What cost points, and where">
      <OneOf label="Side by side" chosen={asked} options={factors.map((key) => ({ key, title: factorTitles[key] }))} onChoose={setAsked} />
      <Typography sx={{ mt: 1 }}>{furthestApart(lost, shown)} Small numbers scatter.</Typography>
      <Box sx={{ mt: 1 }}>
        <PlainTable
          label={`Points lost, ${factorTitles[asked].toLowerCase()} by ${factorTitles[asked].toLowerCase()}`}
          heads={[
            { title: "Lost at" },
            { title: "Whole class", isFigure: true },
            ...shown.map((it) => ({ title: asked === "station" ? it.value : `${titleOf(it)} (${it.trays})`, isFigure: true })),
            { title: "By trays", isFigure: true },
          ]}
          minWidth={360 + (asked === "station" ? 60 : 110) * shown.length}
        >
          {things.map((it, index) => (
            <tr key={it.title}>
              <td>{it.title}</td>
              <FigureCell>{minus(it.points)}</FigureCell>
              {shown.map((column) => (
                <FigureCell key={titleOf(column)}>{minus(column.points[index] ?? 0)}</FigureCell>
              ))}
              <FigureCell>
                {it.times} of {it.trays}
              </FigureCell>
            </tr>
          ))}
        </PlainTable>
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 2, mt: 1 }}>
        {lost.length > AT_FIRST && (
          <Button onClick={() => setWhole(!isWhole)}>{isWhole ? "Only the largest" : `All ${lost.length}`}</Button>
        )}
        <Typography variant="body2" sx={{ color: "text.secondary" }}>
          Points of the total, {asked === "station" ? "of one tray each." : "the mean over the trays in brackets."}
        </Typography>
      </Box>
    </Section>
  );
}

const minus = (of: number): string => (of === 0 ? "0" : `−${points(of)}`);

/** The thing at which the parts differ most, said aloud. */
function furthestApart(lost: ClassLook["lost"], shown: Column[]): string {
  const [widest] = lost
    .map((it, index) => {
      const ordered = shown.toSorted((a, b) => (a.points[index] ?? 0) - (b.points[index] ?? 0));
      const [least, most] = [ordered[0], ordered.at(-1)];

      return { title: it.title, least, most, from: least?.points[index] ?? 0, to: most?.points[index] ?? 0 };
    })
    .toSorted((a, b) => b.to - b.from - (a.to - a.from));
  if (widest?.least === undefined || widest.most === undefined || widest.to === widest.from) return "They lost the same.";
  const of = (it: Column, lostPoints: number): string =>
    `${titleOf(it)} lost ${points(lostPoints)}${it.trays === 1 ? "" : ` (${counted(it.trays, "tray")})`}`;

  return `They lie furthest apart at ${widest.title}: ${of(widest.most, widest.to)}, ${of(widest.least, widest.from)}.`;
}
