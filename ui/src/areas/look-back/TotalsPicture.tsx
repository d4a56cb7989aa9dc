import Box from "@mui/material/Box";
import type { ClassLook } from "../../api/types";
import { dayInFull, dayInShort, points } from "../../parts/format";
import { Picture } from "../../parts/Picture";
import { median } from "./median";

const WIDTH = 560;
const ROW = 34;
const LEFT = 134;
const RIGHT = 14;

/** Each tray a dot on its total, a line on the median: this class above, earlier ones below; the keyboard reads one class after the other. */
export function TotalsPicture({ look }: { look: ClassLook }) {
  const rows = [{ held_on: look.held_on, totals: look.totals }, ...look.earlier];
  const least = Math.floor(Math.min(...rows.flatMap((it) => it.totals)) / 10) * 10;
  const x = (total: number): number => LEFT + ((total - least) / (100 - least || 1)) * (WIDTH - LEFT - RIGHT);
  const height = rows.length * ROW + 30;

  return (
    <Picture label="Totals, class by class" width={WIDTH} height={height} text={{ xs: 22, sm: 16 }} maxWidth={720}>
      {rows.map((it, index) => {
        const y = index * ROW + ROW / 2;

        return (
          <Box
            component="g"
            key={`${it.held_on} ${index}`}
            role="img"
            tabIndex={0}
            aria-label={`${dayInFull(it.held_on)}: ${it.totals.map((total) => points(total)).join(", ")}; median ${points(median(it.totals))}`}
            sx={{ color: index === 0 ? "text.primary" : "text.secondary" }}
          >
            <text x={0} y={y + 5}>
              {dayInShort(it.held_on)}
            </text>
            <line x1={LEFT} x2={WIDTH - RIGHT} y1={y} y2={y} stroke="currentColor" opacity={0.3} />
            {it.totals.map((total, at) => (
              <circle key={at} cx={x(total)} cy={y} r={index === 0 ? 6 : 5} fill="currentColor" fillOpacity={0.55} />
            ))}
            <line x1={x(median(it.totals))} x2={x(median(it.totals))} y1={y - 13} y2={y + 13} stroke="currentColor" strokeWidth={3} />
          </Box>
        );
      })}
      {[least, 100].map((it, index) => (
        <text key={it} x={x(it)} y={height - 6} textAnchor={index === 0 ? "start" : "end"}>
          {it}
        </text>
      ))}
    </Picture>
  );
}
