import Box from "@mui/material/Box";
import { Link } from "react-router";
import type { CourseStandard } from "../../api/types";
import { points } from "../../parts/format";
import { Picture } from "../../parts/Picture";

const WIDTH = 340;
const HEIGHT = 120;
const PAD = 16;

/** The totals of the tries, the first on the left, between 0 and 100; each leads to its result. */
export function TriesPicture({ tries }: { tries: CourseStandard["tries"] }) {
  const shown = tries.flatMap((it, at) => (it.total === null ? [] : [{ at, total: it.total, id: it.attempt }]));
  if (shown.length === 0) return null;
  const x = (at: number): number => PAD + (tries.length === 1 ? 0.5 : at / (tries.length - 1)) * (WIDTH - 2 * PAD);
  const y = (total: number): number => HEIGHT - PAD - (total / 100) * (HEIGHT - 2 * PAD);

  return (
    <Picture label="Totals, try by try" width={WIDTH} height={HEIGHT} text={14} maxWidth={420}>
      {[0, 50, 100].map((it) => (
        <line key={it} x1={PAD} x2={WIDTH - PAD} y1={y(it)} y2={y(it)} stroke="currentColor" opacity={it === 50 ? 0.2 : 0.4} />
      ))}
      <polyline
        points={shown.map((it) => `${x(it.at)},${y(it.total)}`).join(" ")}
        fill="none"
        stroke="currentColor"
        opacity={0.4}
        strokeWidth={2}
      />
      {shown.map((it) => (
        <Box
          component={Link}
          key={it.id}
          to={`/result/${it.id}`}
          sx={{ color: "inherit" }}
          aria-label={`${tries[it.at]?.held_on ?? ""}: ${points(it.total)}`}
        >
          <circle cx={x(it.at)} cy={y(it.total)} r={12} fill="transparent" />
          <circle cx={x(it.at)} cy={y(it.total)} r={5} fill="currentColor" />
        </Box>
      ))}
    </Picture>
  );
}
