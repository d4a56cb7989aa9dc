import Box from "@mui/material/Box";
import { useRef } from "react";
import { timeAt } from "./hour";

const MINUTE_S = 60;
const LONGEST_GAP_S = 3_600;

interface WaveGripsProps {
  /** When each wave starts, in seconds, the first first. */
  starts: number[];
  gapS: number;
  begins: string | null;
  /** Where a time stands, as a share of the width. */
  shareOf: (seconds: number) => number;
  secondsAt: (share: number) => number;
  /** A gap that is being tried by dragging; null where none is. */
  onTry: (gapS: number | null) => void;
  onGap: (gapS: number) => void;
}

/** A grip at the start of each wave but the first: dragged, or moved with the arrow keys, it sets the gap between waves. */
export function WaveGrips({ starts, gapS, begins, shareOf, secondsAt, onTry, onGap }: WaveGripsProps) {
  const row = useRef<HTMLDivElement>(null);
  const dragged = useRef<{ from: number; to: number } | null>(null);
  const gapFor = (wave: number, clientX: number): number => {
    const box = row.current?.getBoundingClientRect();
    if (box === undefined || box.width === 0) return gapS;
    const gap = (secondsAt((clientX - box.left) / box.width) - (starts[0] ?? 0)) / wave;

    return within(Math.round(gap / MINUTE_S) * MINUTE_S);
  };
  const end = (): void => {
    if (dragged.current !== null && dragged.current.to !== dragged.current.from) onGap(dragged.current.to);
    dragged.current = null;
    onTry(null);
  };

  return (
    <Box ref={row} sx={{ position: "relative", height: 34 }}>
      {starts.map(
        (start, wave) =>
          wave > 0 && (
            <Box
              key={wave}
              role="slider"
              tabIndex={0}
              aria-label={`Start of wave ${wave + 1}`}
              aria-valuemin={0}
              aria-valuemax={LONGEST_GAP_S / MINUTE_S}
              aria-valuenow={Math.round(gapS / MINUTE_S)}
              aria-valuetext={`${timeAt(begins, start)}, a gap of ${Math.round(gapS / MINUTE_S)} min`}
              onKeyDown={(event) => {
                const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
                if (by === undefined) return;
                event.preventDefault();
                event.stopPropagation();
                onGap(within(gapS + by * MINUTE_S));
              }}
              onPointerDown={(event) => {
                event.currentTarget.setPointerCapture(event.pointerId);
                dragged.current = { from: gapS, to: gapS };
              }}
              onPointerMove={(event) => {
                if (dragged.current === null) return;
                dragged.current.to = gapFor(wave, event.clientX);
                onTry(dragged.current.to);
              }}
              onPointerUp={end}
              onPointerCancel={() => {
                dragged.current = null;
                onTry(null);
              }}
              sx={{
                position: "absolute",
                left: `${100 * shareOf(start)}%`,
                top: 0,
                transform: "translateX(-50%)",
                minWidth: 36,
                height: 30,
                px: 0.75,
                display: "flex",
                alignItems: "center",
                justifyContent: "center",
                typography: "figure",
                fontSize: 15,
                whiteSpace: "nowrap",
                color: "background.paper",
                bgcolor: "text.primary",
                borderRadius: "4px",
                cursor: "ew-resize",
                touchAction: "none",
                userSelect: "none",
              }}
            >
              ‹ {wave + 1} ›
            </Box>
          ),
      )}
    </Box>
  );
}

const within = (gapS: number): number => Math.min(LONGEST_GAP_S, Math.max(0, gapS));
