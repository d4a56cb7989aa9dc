import Box from "@mui/material/Box";
import { Link } from "react-router";
import type { DayNote, TrendChart, TrendClass } from "../../api/types";
import { dayInFull, dayInShort } from "../../parts/format";
import { Picture } from "../../parts/Picture";
import { useMassWords } from "../../parts/mass";
import { measureTitles, said } from "./measures";
import { scaleOf } from "./scaleOf";

const WIDTH = 560;
const HEIGHT = 210;
const PAD = { left: 10, right: 92, top: 26, bottom: 44 };

interface ControlPictureProps {
  chart: TrendChart;
  classes: TrendClass[];
  notes: DayNote[];
}

/** Each class a point, the mean and the limits as lines, what stands out ringed; a letter marks a day on which something changed at the school. */
export function ControlPicture({ chart, classes, notes }: ControlPictureProps) {
  const mass = useMassWords();
  const { measure, mean, lower, upper, signals } = chart;
  const shown = classes.flatMap((it, at) => {
    const value = it.means[measure];

    return value === null || value === undefined ? [] : [{ ...it, at, value }];
  });
  const y = scaleOf([lower, upper, ...shown.map((it) => it.value)], HEIGHT - PAD.bottom, PAD.top);
  const x = (at: number): number => PAD.left + ((at + 0.5) / classes.length) * (WIDTH - PAD.left - PAD.right);
  const isSignal = new Set(signals.map((it) => it.at));

  return (
    <Picture label={`${measureTitles[measure]}, class by class`} width={WIDTH} height={HEIGHT} text={{ xs: 23, sm: 17 }}>
      {[
        { at: upper, dash: "6 5" },
        { at: mean, dash: "none" },
        { at: lower, dash: "6 5" },
      ].map(({ at, dash }, index) => (
        <g key={index}>
          <line x1={PAD.left} x2={WIDTH - PAD.right} y1={y(at)} y2={y(at)} stroke="currentColor" opacity={0.5} strokeDasharray={dash} />
          <text x={WIDTH - PAD.right + 8} y={y(at) + 5}>
            {said(measure, at, mass)}
          </text>
        </g>
      ))}
      {notes.map((note, index) => {
        const before = classes.filter((it) => it.held_on < note.on).length;
        const place = (x(before - 1) + x(before)) / 2;

        return (
          <Box component="g" key={note.id} sx={{ color: "secondary.main" }}>
            <line x1={place} x2={place} y1={PAD.top} y2={HEIGHT - PAD.bottom} stroke="currentColor" strokeWidth={2} />
            <text x={place} y={PAD.top - 6} textAnchor="middle">
              {letter(index)}
            </text>
          </Box>
        );
      })}
      <polyline
        points={shown.map((it) => `${x(it.at)},${y(it.value)}`).join(" ")}
        fill="none"
        stroke="currentColor"
        opacity={0.35}
        strokeWidth={2}
      />
      {shown.map((it) => (
        <Box
          component={Link}
          key={it.assessment}
          to={`/look-back/${it.assessment}`}
          aria-label={`${dayInFull(it.held_on)}, ${it.group}: ${said(measure, it.value, mass)}${isSignal.has(it.at) ? ", stands out" : ""}`}
          sx={{ color: isSignal.has(it.at) ? "error.main" : "text.primary" }}
        >
          <circle cx={x(it.at)} cy={y(it.value)} r={16} fill="transparent" />
          <circle cx={x(it.at)} cy={y(it.value)} r={5} fill="currentColor" />
          {isSignal.has(it.at) && <circle cx={x(it.at)} cy={y(it.value)} r={10} fill="none" stroke="currentColor" strokeWidth={2.5} />}
        </Box>
      ))}
      {shown
        .filter((_, index) => index === 0 || index === shown.length - 1)
        .map((it, index) => (
          <text
            key={it.assessment}
            x={index === 0 ? PAD.left : WIDTH - PAD.right}
            y={HEIGHT - 8}
            textAnchor={index === 0 ? "start" : "end"}
          >
            {dayInShort(it.held_on)}
          </text>
        ))}
    </Picture>
  );
}

export const letter = (index: number): string => String.fromCharCode(65 + (index % 26));
