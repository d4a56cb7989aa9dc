import Box from "@mui/material/Box";
import type { Agreement } from "../../api/types";
import { points } from "../../parts/format";
import { Picture } from "../../parts/Picture";
import { FigureCell, PlainTable } from "../../parts/PlainTable";
import { signed } from "../../parts/signed";

type Totals = NonNullable<Agreement["totals"]>;

const WIDTH = 560;
const HEIGHT = 260;
const PAD = { left: 44, right: 74, top: 12, bottom: 34 };

/** Of each tray the difference of both totals over their mean, with the mean difference and the limits that about 19 of 20 lie within. */
export function DifferencePicture({ totals }: { totals: Totals }) {
  const dots = totals.points.map((it) => ({ ...it, mean: (it.first + it.second) / 2, difference: it.second - it.first }));
  const lines = [
    { title: "upper", at: totals.upper },
    { title: "mean", at: totals.bias },
    { title: "lower", at: totals.lower },
  ].flatMap((it) => (it.at === null ? [] : [{ ...it, at: it.at }]));
  const [low, high] = span(
    dots.map((it) => it.mean),
    5,
  );
  const [least, most] = span([0, ...dots.map((it) => it.difference), ...lines.map((it) => it.at)], 1);
  const x = (mean: number): number => PAD.left + ((mean - low) / (high - low)) * (WIDTH - PAD.left - PAD.right);
  const y = (difference: number): number => HEIGHT - PAD.bottom - ((difference - least) / (most - least)) * (HEIGHT - PAD.top - PAD.bottom);

  return (
    <>
      <Picture
        label={`Differences of ${dots.length} totals over their means: mean ${signed(totals.bias ?? 0)}, limits ${signed(totals.lower ?? 0)} and ${signed(totals.upper ?? 0)} points`}
        width={WIDTH}
        height={HEIGHT}
        text={{ xs: 20, sm: 13 }}
        maxWidth={640}
        role="img"
      >
        <rect
          x={PAD.left}
          y={PAD.top}
          width={WIDTH - PAD.left - PAD.right}
          height={HEIGHT - PAD.top - PAD.bottom}
          fill="none"
          stroke="currentColor"
          opacity={0.35}
        />
        <line x1={PAD.left} x2={WIDTH - PAD.right} y1={y(0)} y2={y(0)} stroke="currentColor" opacity={0.35} />
        <text x={PAD.left + 6} y={PAD.top + 16}>
          points, second less first
        </text>
        <text x={PAD.left - 6} y={y(0) + 4} textAnchor="end">
          0
        </text>
        {lines.map(({ title, at }) => (
          <Box component="g" key={title} sx={{ color: "secondary.main" }}>
            <line
              x1={PAD.left}
              x2={WIDTH - PAD.right}
              y1={y(at)}
              y2={y(at)}
              stroke="currentColor"
              strokeWidth={2}
              strokeDasharray={title === "mean" ? undefined : "7 5"}
            />
            <text x={WIDTH - PAD.right + 6} y={y(at) + 4}>
              {signed(at)}
            </text>
          </Box>
        ))}
        {dots.map((it) => (
          <circle key={it.attempt} cx={x(it.mean)} cy={y(it.difference)} r={4.5} fill="none" stroke="currentColor" strokeWidth={2} />
        ))}
        <text x={PAD.left} y={HEIGHT - 10}>
          {points(low, 0)}
        </text>
        <text x={WIDTH - PAD.right} y={HEIGHT - 10} textAnchor="end">
          {points(high, 0)}
        </text>
        <text x={(PAD.left + WIDTH - PAD.right) / 2} y={HEIGHT - 10} textAnchor="middle">
          mean of both totals
        </text>
      </Picture>
      <details>
        <summary>Tray by tray</summary>
        <PlainTable
          label="Both totals of each tray"
          minWidth={520}
          heads={[
            { title: "Tray" },
            { title: "First look" },
            { title: "", isFigure: true },
            { title: "Second look" },
            { title: "Total", isFigure: true },
            { title: "Apart", isFigure: true },
          ]}
        >
          {dots.map((it) => (
            <tr key={it.attempt}>
              <td>{it.tray}</td>
              <td>{it.first_by}</td>
              <FigureCell>{points(it.first)}</FigureCell>
              <td>{it.second_by}</td>
              <FigureCell>{points(it.second)}</FigureCell>
              <FigureCell>{signed(it.difference)}</FigureCell>
            </tr>
          ))}
        </PlainTable>
      </details>
    </>
  );
}

/** From and to, on whole steps, with room at both ends. */
function span(figures: number[], step: number): [number, number] {
  const low = Math.floor(Math.min(...figures) / step) * step;
  const high = Math.ceil(Math.max(...figures) / step) * step;

  return [low - step, high + step];
}
