import Box from "@mui/material/Box";
import type { OwnWindow } from "../../api/types";
import { percent } from "../../parts/format";
import { Picture } from "../../parts/Picture";

const WIDTH = 640;
const ROW = 40;
const LEFT = 170;
const RIGHT = 14;

const said = (low: number | null, high: number | null): string =>
  low === null || high === null ? "none" : `${percent(low, 2)} to ${percent(high, 2)}`;

/** Each piece a row: above the window in force (open), below the one proposed (blue pencil), a line on the median of the school's carcasses. */
export function WindowsPicture({
  pieces,
  chosen,
  onChoose,
}: {
  pieces: OwnWindow[];
  chosen: string | null;
  onChoose: (id: string) => void;
}) {
  const all = pieces.flatMap((it) => [it.low, it.high, it.new_low, it.new_high, it.median]).filter((it) => it !== null);
  if (all.length === 0) return null;
  const [least, most] = [Math.min(...all), Math.max(...all)];
  const x = (value: number): number => LEFT + ((value - least) / (most - least || 1)) * (WIDTH - LEFT - RIGHT);
  const height = pieces.length * ROW + 26;

  return (
    <Picture label="Windows in force above the ones proposed" width={WIDTH} height={height} text={{ xs: 22, sm: 16 }}>
      {pieces.map((it, index) => {
        const y = index * ROW + 6;

        return (
          <g
            key={it.id}
            role="button"
            tabIndex={0}
            aria-pressed={it.id === chosen}
            aria-label={`${it.title}: in force ${said(it.low, it.high)}, proposed ${said(it.new_low, it.new_high)}`}
            fontWeight={it.id === chosen ? 700 : 400}
            style={{ cursor: "pointer" }}
            onClick={() => onChoose(it.id)}
            onKeyDown={(event) => {
              if (event.key !== "Enter" && event.key !== " ") return;
              event.preventDefault();
              onChoose(it.id);
            }}
          >
            <rect x={0} y={y - 4} width={WIDTH} height={ROW - 2} fill="transparent" />
            <text x={0} y={y + 19}>
              {it.title}
            </text>
            {it.low !== null && it.high !== null && (
              <rect
                x={x(it.low)}
                y={y}
                width={Math.max(2, x(it.high) - x(it.low))}
                height={11}
                fill="none"
                stroke="currentColor"
                strokeWidth={1.5}
              />
            )}
            {it.new_low !== null && it.new_high !== null && (
              <Box component="g" sx={{ color: "secondary.main" }}>
                <rect
                  x={x(it.new_low)}
                  y={y + 14}
                  width={Math.max(2, x(it.new_high) - x(it.new_low))}
                  height={11}
                  fill="currentColor"
                  fillOpacity={0.55}
                />
              </Box>
            )}
            {it.median !== null && (
              <line x1={x(it.median)} x2={x(it.median)} y1={y - 3} y2={y + 28} stroke="currentColor" strokeWidth={2.5} />
            )}
          </g>
        );
      })}
      <text x={LEFT} y={height - 4}>
        {percent(least)}
      </text>
      <text x={WIDTH - RIGHT} y={height - 4} textAnchor="end">
        {percent(most)} of the carcass
      </text>
    </Picture>
  );
}
