import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Floor } from "../../api/types";
import { useArrange } from "../../api/useFloor";
import { NumberField } from "../../parts/NumberField";
import { saidOf } from "../../parts/problems";
import { useDrag } from "../../parts/useDrag";
import { arranged, type Spot } from "./arranged";

const MINUTE = 60_000;
const USUAL_WAVES = 3;

const nameOf = ({ row, column }: Spot): string => `${row}/${column}`;

function spotOf(name: string): Spot {
  const [row = 0, column = 0] = name.split("/").map(Number);

  return { row, column };
}

/** The room as its stations stand: a station is dragged, or chosen and then set down; and which wave each starts with. */
export function ArrangeRoom({ floor, onDone }: { floor: Floor; onDone: () => void }) {
  const arrange = useArrange(floor);
  const [rows, setRows] = useState(floor.rows);
  const [waves, setWaves] = useState(() => new Map(floor.stations.map((it) => [it.station, it.wave])));
  const [gapMs, setGapMs] = useState(floor.wave_gap_ms);
  const [inHand, setInHand] = useState<number | null>(null);
  const abreast = Math.max(...rows.map((row) => row.length), 1) + 1;
  const put = (station: number, spot: Spot): void => {
    setRows(arranged(rows, station, spot));
    setInHand(null);
  };
  const tap = (station: number | undefined, spot: Spot): void => {
    if (inHand === null) setInHand(station ?? null);
    else if (inHand === station) setInHand(null);
    else put(inHand, spot);
  };
  const { area, ...drag } = useDrag((from, to) => {
    const { row, column } = spotOf(from);
    const station = rows[row]?.[column];
    if (station !== undefined) put(station, spotOf(to));
  });
  const save = (): void =>
    arrange.mutate(
      { rows, waves: Object.fromEntries([...waves].filter(([, wave]) => wave > 1)), wave_gap_ms: gapMs },
      { onSuccess: onDone },
    );

  return (
    <Box sx={{ p: 2, display: "grid", gap: 1.5, alignContent: "start" }}>
      <Typography role="status" aria-label="Station in hand" sx={{ color: inHand === null ? "text.secondary" : "secondary.main" }}>
        {inHand === null
          ? "Drag a station, or choose it and then the place where it stands."
          : `Station ${inHand}: choose the place where it stands.`}
      </Typography>
      <Box
        ref={area}
        role="group"
        aria-label="Places of the room"
        sx={{ display: "grid", gridTemplateColumns: `repeat(${abreast}, minmax(0, 1fr))`, gap: 1 }}
      >
        {[...rows, []].flatMap((stations, row) =>
          Array.from({ length: abreast }, (_, column) => {
            const station = stations[column];
            const name = nameOf({ row, column });
            const isInHand = (station !== undefined && station === inHand) || name === drag.block;
            const isUnder = name === drag.over && name !== drag.block;

            return (
              <ButtonBase
                key={name}
                data-holder={name}
                aria-pressed={isInHand}
                aria-label={
                  station === undefined
                    ? `Free, row ${row + 1}`
                    : `Station ${station}${(waves.get(station) ?? 1) > 1 ? ` wave ${waves.get(station) ?? 1}` : ""}, row ${row + 1}`
                }
                onClick={() => drag.hasJustDropped() || tap(station, { row, column })}
                {...(station !== undefined && drag.handlers(name))}
                sx={{
                  minHeight: 64,
                  touchAction: "none",
                  border: station === undefined ? "1px dashed" : "2px solid",
                  borderColor: station === undefined ? "divider" : "text.primary",
                  bgcolor: station === undefined ? "transparent" : "background.paper",
                  typography: "figure",
                  fontSize: 26,
                  ...((isInHand || isUnder) && { outline: isUnder ? "4px dashed" : "4px solid", outlineColor: "secondary.main" }),
                }}
              >
                {station}
                {station !== undefined && (waves.get(station) ?? 1) > 1 && (
                  <Typography variant="caption" sx={{ ml: 1 }}>
                    wave {waves.get(station)}
                  </Typography>
                )}
              </ButtonBase>
            );
          }),
        )}
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "end" }}>
        {inHand !== null &&
          Array.from({ length: Math.max(USUAL_WAVES, ...waves.values()) }, (_, index) => index + 1).map((wave) => (
            <Button key={wave} aria-pressed={waves.get(inHand) === wave} onClick={() => setWaves(new Map(waves).set(inHand, wave))}>
              Station {inHand} in wave {wave}
            </Button>
          ))}
        <Box sx={{ width: 190 }}>
          <NumberField label="Between waves, min" value={gapMs / MINUTE} onNumber={(it) => it >= 0 && setGapMs(Math.round(it * MINUTE))} />
        </Box>
        <Button variant="contained" disabled={arrange.isPending} onClick={save}>
          Keep it so
        </Button>
        <Button onClick={onDone}>Leave it as it was</Button>
      </Box>
      {arrange.error !== null && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          {saidOf(arrange.error)}
        </Typography>
      )}
    </Box>
  );
}
