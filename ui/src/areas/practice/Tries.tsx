import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import type { PracticeOf, PracticeTry } from "../../api/types";
import { clock, counted, day, percent, points } from "../../parts/format";
import { FigureCell, PlainTable } from "../../parts/PlainTable";

interface TriesProps {
  standard: string;
  tries: PracticeTry[];
  curve: PracticeOf["curve"];
}

const heads = [
  { title: "Try" },
  { title: "Total", isFigure: true },
  { title: "Yield", isFigure: true },
  { title: "Time", isFigure: true },
  { title: "Against the standard time" },
];

/** Every try at a standard, the last first: results that were released, and trays that were practised. */
export function Tries({ standard, tries, curve }: TriesProps) {
  if (tries.length === 0) return null;
  const longest = Math.max(curve?.standard_ms ?? 0, ...tries.map((it) => it.running_ms ?? 0));

  return (
    <Box component="section" aria-label="Your tries" sx={{ mb: 2.5 }}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        Your tries
      </Typography>
      {curve !== null && <Typography sx={{ mb: 1 }}>{inWords(curve)}</Typography>}
      <PlainTable label="Your tries in figures" heads={curve === null ? heads.slice(0, -1) : heads} minWidth={curve === null ? 0 : 560}>
        {[...tries].reverse().map((it) => (
          <tr key={it.attempt ?? it.tray}>
            <td>
              <Link to={it.attempt === null ? `/practice/${standard}/tray/${it.tray ?? ""}` : `/result/${it.attempt}`}>{day(it.on)}</Link>
              {it.attempt === null && (
                <Typography variant="body2" sx={{ color: "text.secondary" }}>
                  practice, {it.met} of {it.weighed} within
                </Typography>
              )}
            </td>
            <FigureCell>{it.total === null ? "–" : points(it.total)}</FigureCell>
            <FigureCell>{it.yield_share === null ? "–" : percent(it.yield_share)}</FigureCell>
            <FigureCell>{it.running_ms === null ? "–" : clock(Math.round(it.running_ms / 1_000) * 1_000)}</FigureCell>
            {curve !== null && (
              <td>{it.running_ms !== null && <TimeBar ms={it.running_ms} standardMs={curve.standard_ms} longestMs={longest} />}</td>
            )}
          </tr>
        ))}
      </PlainTable>
    </Box>
  );
}

/** A time as a bar, the standard as a line across it. */
function TimeBar({ ms, standardMs, longestMs }: { ms: number; standardMs: number; longestMs: number }) {
  const share = (of: number): string => `${(100 * of) / longestMs}%`;

  return (
    <Box aria-hidden sx={{ position: "relative", height: 16, minWidth: 140, bgcolor: "background.paper" }}>
      <Box
        sx={{ position: "absolute", insetBlock: 2, left: 0, width: share(ms), bgcolor: ms > standardMs ? "steel.main" : "text.primary" }}
      />
      <Box sx={{ position: "absolute", insetBlock: -2, left: share(standardMs), borderLeft: "3px solid", borderColor: "secondary.main" }} />
    </Box>
  );
}

/** What the times say of those to come; a guess is called one. */
function inWords({ tries, missing, standard_ms: standardMs, at_try: atTry }: NonNullable<PracticeOf["curve"]>): string {
  const standard = `The standard is ${clock(standardMs)}.`;
  if (missing > 0) return `${standard} After ${counted(missing, "more timed try", "more timed tries")} this says when you should reach it.`;
  if (atTry === 0) return `${standard} Your last try was within it.`;
  if (atTry === null)
    return `${standard} Your times are not falling towards it yet: see what is worth most first, and take the steps singly.`;
  const more = atTry - tries;

  return `${standard} If your times go on falling as they did over ${tries} tries, about ${counted(more, "more try", "more tries")} to reach it. That is a guess: a few tries say little.`;
}
