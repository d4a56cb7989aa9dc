import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { CarcassQuestion, OwnCarcasses, OwnWindow } from "../../api/types";
import { useStandard } from "../../api/useStandards";
import { CutMap } from "../../parts/CutMap";
import { percent } from "../../parts/format";
import { holdersOf } from "../../parts/holders";
import { FigureCell, PlainTable } from "../../parts/PlainTable";
import { Section } from "../../parts/Section";
import { addressOfCsv } from "./carcassQuestion";
import { WindowsPicture } from "./WindowsPicture";

const PLACES = 2;
/** A share that is off by so much of itself is tinted in full. */
const MUCH = 0.15;

const drift = ({ expected, median }: OwnWindow): number => (median === null || expected === 0 ? 0 : median / expected - 1);
const share = (value: number | null): string => (value === null ? "–" : percent(value, PLACES));
const fromTo = (low: number | null, high: number | null): string =>
  low === null || high === null ? "–" : `${share(low)} to ${share(high)}`;

/** The windows in force and the ones proposed: on the cut map by how far the school's carcasses lie off, as a picture, and as a table. */
export function OwnWindows({ own, asked }: { own: OwnCarcasses; asked: CarcassQuestion }) {
  const opened = useStandard(own.standard);
  const [chosen, setChosen] = useState<string | null>(null);
  const byId = new Map(own.pieces.map((it) => [it.id, it]));

  return (
    <Section title="Windows">
      <Box sx={{ display: "grid", gap: 3, gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 4fr) minmax(0, 8fr)" } }}>
        <Box>
          {opened.data !== undefined && (
            <Box sx={{ maxWidth: 360, mx: "auto" }}>
              <CutMap
                plan={opened.data.plan}
                parts={opened.data.document.carcass.parts}
                holders={holdersOf(opened.data.document)}
                chosen={chosen}
                onChoose={setChosen}
                tint={(id) => Math.min(1, Math.abs(drift(byId.get(id) ?? none)) / MUCH)}
                describe={(id) => driftInWords(byId.get(id))}
              />
            </Box>
          )}
          <Typography sx={{ mt: 1 }} aria-live="polite">
            {chosen === null
              ? "The bluer a cut, the further the school’s carcasses lie off the book. Choose one."
              : `${byId.get(chosen)?.title ?? opened.data?.document.bins?.find((it) => it.id === chosen)?.title ?? chosen}: ${driftInWords(byId.get(chosen))}.`}
          </Typography>
        </Box>
        <Box>
          <WindowsPicture pieces={own.pieces} chosen={chosen} onChoose={setChosen} />
          <Typography variant="body2" sx={{ mb: 1.5 }}>
            Open: in force. Blue: proposed. The line is the median of the school’s carcasses.
          </Typography>
          <PlainTable
            label="Windows"
            heads={[
              { title: "Piece" },
              { title: "Trays", isFigure: true },
              { title: "Expected", isFigure: true },
              { title: "Median", isFigure: true },
              { title: "In force", isFigure: true },
              { title: "Proposed", isFigure: true },
            ]}
            minWidth={620}
          >
            {own.pieces.map((it) => (
              <Box component="tr" key={it.id} sx={{ bgcolor: it.id === chosen ? "background.paper" : "transparent" }}>
                <td>{it.title}</td>
                <FigureCell>{it.trays}</FigureCell>
                <FigureCell>{share(it.expected)}</FigureCell>
                <FigureCell>{share(it.median)}</FigureCell>
                <FigureCell>{fromTo(it.low, it.high)}</FigureCell>
                <FigureCell>{fromTo(it.new_low, it.new_high)}</FigureCell>
              </Box>
            ))}
          </PlainTable>
          <Typography variant="body2" sx={{ color: "text.secondary", mt: 1 }}>
            Shares of the carcass as purchased. Proposed: the median and a two-sided tolerance interval around it (Howe 1969), its spread
            from the median of absolute deviations, so that a mistyped weight moves nothing.{" "}
            <a href={addressOfCsv(own.standard, asked)}>CSV</a>
          </Typography>
        </Box>
      </Box>
    </Section>
  );
}

const none: OwnWindow = { id: "", title: "", trays: 0, expected: 0, median: null, low: null, high: null, new_low: null, new_high: null };

function driftInWords(piece: OwnWindow | undefined): string {
  if (piece?.median == null) return "no piece of its own is weighed";
  const off = drift(piece);

  return `${percent(piece.median, PLACES)} of the carcass, ${percent(Math.abs(off))} ${off < 0 ? "less" : "more"} than the book`;
}
