import Box from "@mui/material/Box";
import { Link } from "react-router";
import type { CriterionLook } from "../../api/types";
import { percent } from "../../parts/format";
import { Picture } from "../../parts/Picture";

const WIDTH = 440;
const HEIGHT = 300;
const PAD = { left: 44, right: 16, top: 16, bottom: 44 };

/** The number a criterion has in picture and table, from 1. */
export const numberOf = (criteria: CriterionLook[], id: string): number => criteria.findIndex((it) => it.id === id) + 1;

/** Each criterion by its number: to the right it is given in full, upwards it goes with the others. What lies right and low tells nobody apart. Each leads to where it can be changed, or read. */
export function ItemsPicture({ criteria, addressOf }: { criteria: CriterionLook[]; addressOf: (criterion: string) => string }) {
  const x = (share: number): number => PAD.left + share * (WIDTH - PAD.left - PAD.right);
  const y = (correlation: number): number => HEIGHT - PAD.bottom - Math.max(0, correlation) * (HEIGHT - PAD.top - PAD.bottom);

  return (
    <Picture label="Criteria by share of points and by how they go with the others" width={WIDTH} height={HEIGHT} text={{ xs: 18, sm: 15 }}>
      <rect
        x={PAD.left}
        y={PAD.top}
        width={WIDTH - PAD.left - PAD.right}
        height={HEIGHT - PAD.top - PAD.bottom}
        fill="none"
        stroke="currentColor"
        opacity={0.5}
      />
      <line x1={PAD.left} x2={WIDTH - PAD.right} y1={y(0.2)} y2={y(0.2)} stroke="currentColor" strokeDasharray="6 5" opacity={0.6} />
      <line x1={x(0.95)} x2={x(0.95)} y1={PAD.top} y2={HEIGHT - PAD.bottom} stroke="currentColor" strokeDasharray="6 5" opacity={0.6} />
      {[0, 0.5, 1].map((it) => (
        <g key={it}>
          <text x={x(it)} y={HEIGHT - PAD.bottom + 18} textAnchor={it === 0 ? "start" : it === 1 ? "end" : "middle"}>
            {percent(it, 0)}
          </text>
          <text x={PAD.left - 6} y={y(it) + 5} textAnchor="end">
            {it}
          </text>
        </g>
      ))}
      <text x={x(0.5)} y={HEIGHT - 6} textAnchor="middle">
        share of points
      </text>
      {criteria.map(
        (it, index) =>
          it.difficulty !== null &&
          it.discrimination !== null && (
            <Box
              component={Link}
              key={it.id}
              to={addressOf(it.id)}
              aria-label={`${index + 1}, ${it.title}: ${percent(it.difficulty, 0)} of the points, goes with the others by ${it.discrimination.toFixed(2)}`}
              sx={{ color: it.discrimination < 0.2 || it.difficulty >= 0.95 ? "error.main" : "text.primary" }}
            >
              <circle cx={x(it.difficulty)} cy={y(it.discrimination)} r={12} fill="none" stroke="currentColor" strokeWidth={2} />
              <text x={x(it.difficulty)} y={y(it.discrimination) + 5} textAnchor="middle">
                {index + 1}
              </text>
            </Box>
          ),
      )}
    </Picture>
  );
}
