import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useMemo, useState } from "react";
import type { Week } from "../../api/types";
import { useMassWords } from "../../parts/mass";
import { flowLayout, HEIGHT, WIDTH } from "./flowLayout";

const LOST = new Set(["bin", "loss", "waste"]);

/** Mass from carcasses to where it went, each band as wide as it weighs; the pointer or the keyboard reads a band. */
export function FlowPicture({ week }: { week: Week }) {
  const mass = useMassWords();
  const laid = useMemo(() => flowLayout(week), [week]);
  const [read, setRead] = useState<string | null>(null);
  const titles = new Map(week.places.map((it) => [it.id, it.title]));
  const said = (band: { from: string; to: string; mass_mg: number }): string =>
    `${titles.get(band.from) ?? ""} to ${(titles.get(band.to) ?? "").toLowerCase()}: ${mass.full(band.mass_mg)}`;

  return (
    <Box>
      <Box sx={{ overflowX: "auto" }}>
        <Box
          component="svg"
          viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
          role="group"
          aria-label="Flow of mass; each band can be read"
          sx={{ width: "100%", minWidth: 640, display: "block", color: "text.primary" }}
        >
          {laid.bands.map((band) => (
            <Box
              component="path"
              key={`${band.from} ${band.to}`}
              d={band.path}
              tabIndex={0}
              role="img"
              aria-label={said(band)}
              onPointerEnter={() => setRead(said(band))}
              onFocus={() => setRead(said(band))}
              sx={{
                fill: "none",
                stroke: "currentColor",
                strokeWidth: Math.max(1, band.width),
                strokeOpacity: 0.28,
                color: LOST.has(band.to) ? "error.main" : band.from === "cuts" || band.to === "cuts" ? "text.primary" : "steel.main",
                "&:hover, &:focus": { strokeOpacity: 0.65, outline: "none" },
              }}
            />
          ))}
          {laid.places.map((it) => {
            const isRight = it.x > WIDTH / 2;

            return (
              <g key={it.id}>
                <rect x={it.x} y={it.y} width={it.width} height={Math.max(1, it.height)} fill="currentColor" />
                <Box
                  component="text"
                  x={isRight ? it.x - 6 : it.x + it.width + 6}
                  y={it.y + it.height / 2}
                  dy="0.35em"
                  textAnchor={isRight ? "end" : "start"}
                  sx={{ fill: "currentColor", typography: "label", fontSize: 16 }}
                >
                  {it.title}, {mass.bulk(it.mass_mg)}
                </Box>
              </g>
            );
          })}
        </Box>
      </Box>
      <Typography role="status" sx={{ minHeight: "1.5em" }}>
        {read ?? "Point at a band, or go through them with Tab, to read it."}
      </Typography>
    </Box>
  );
}
