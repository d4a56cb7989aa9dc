import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { memo } from "react";
import type { TrayLayout, Verdict } from "../api/types";
import { useMassWords } from "./mass";
import { PortionFence } from "./PortionFence";
import { isOut, VerdictMark, verdictWords } from "./VerdictMark";
import { WindowBar } from "./WindowBar";

export interface Place {
  id: string;
  title: string;
  massMg: number | null;
  /** Limits for this carcass, in mg; null where nothing is expected or the AP weight is not known. */
  window: { low: number; high: number } | null;
  verdict: Verdict | null;
  note?: string;
  /** Of a set: each portion in order, null until it is weighed. */
  portions?: { massesMg: (number | null)[]; mustBeEven: boolean };
}

interface TrayProps {
  layout: TrayLayout;
  pieces: Place[];
  bins: Place[];
  current?: string | null;
  onChoose?: (place: string) => void;
}

/** The tray as the standard lays it out, with the by-product containers below: filling it is the progress. */
export function Tray({ layout, pieces, bins, current = null, onChoose }: TrayProps) {
  const byId = new Map(pieces.map((place) => [place.id, place]));

  return (
    <Box sx={{ display: "flex", flexDirection: "column", gap: 1.25 }}>
      <Box
        role="group"
        aria-label="Tray"
        sx={{
          p: "10px",
          border: "3px solid",
          borderColor: "steel.main",
          borderRadius: "10px",
          bgcolor: "background.paper",
          boxShadow: (it) =>
            `inset 0 0 0 5px ${it.vars?.palette.background.default ?? ""}, inset 0 0 0 6px ${it.vars?.palette.divider ?? ""}`,
          display: "grid",
          gridTemplateColumns: columns(layout.columns),
          gap: "6px",
        }}
      >
        {layout.places.map(({ place, column, row }) => {
          const it = byId.get(place);

          return it && <TrayPlace key={place} place={it} isCurrent={place === current} onChoose={onChoose} at={{ column, row }} />;
        })}
      </Box>
      <Box
        role="group"
        aria-label="By-products"
        sx={{ display: "grid", gridTemplateColumns: columns(Math.max(1, bins.length)), gap: "8px" }}
      >
        {bins.map((bin) => (
          <TrayPlace key={bin.id} place={bin} isCurrent={bin.id === current} onChoose={onChoose} isBin />
        ))}
      </Box>
    </Box>
  );
}

/** On a phone two beside each other, in the order they lie; what is weighed has to be read there. */
const columns = (count: number) => ({ xs: `repeat(${Math.min(count, 2)}, minmax(0, 1fr))`, sm: `repeat(${count}, minmax(0, 1fr))` });

interface TrayPlaceProps {
  place: Place;
  isCurrent: boolean;
  isBin?: boolean;
  onChoose: ((place: string) => void) | undefined;
  /** Where it lies on the tray. */
  at?: { column: number; row: number };
}

/** Drawn again where something about it changed, not whenever another piece was weighed. */
const TrayPlace = memo(
  PlaceOnTray,
  (before, after) => before.onChoose === after.onChoose && JSON.stringify(before) === JSON.stringify(after),
);

function PlaceOnTray({ place, isCurrent, isBin = false, onChoose, at }: TrayPlaceProps) {
  const { massMg, window, verdict, portions } = place;
  const mass = useMassWords();
  const inCount = portions?.massesMg.filter((it) => it !== null).length ?? 0;
  const words = wordsFor(massMg, verdict);

  return (
    <ButtonBase
      disabled={onChoose === undefined}
      onClick={() => onChoose?.(place.id)}
      aria-pressed={isCurrent}
      data-place={place.id}
      sx={{
        gridColumn: { sm: at?.column },
        gridRow: { sm: at?.row },
        display: "flex",
        flexDirection: "column",
        alignItems: "stretch",
        textAlign: "left",
        minHeight: isBin ? 74 : 112,
        minWidth: 0,
        p: "6px 10px",
        border: "1px dashed",
        borderColor: "divider",
        borderRadius: isBin ? "2px 2px 9px 9px" : "3px",
        ...(isBin && { border: "2px solid", borderTop: "none", borderColor: "steel.main", bgcolor: "background.paper" }),
        ...(isCurrent && { outline: "3px solid", outlineColor: "secondary.main", outlineOffset: "-1px", bgcolor: "background.default" }),
      }}
    >
      <Box sx={{ display: "flex", alignItems: "center", gap: 0.5, minHeight: 24 }}>
        <Typography
          variant="label"
          sx={{
            flex: 1,
            minWidth: 0,
            overflow: "hidden",
            textOverflow: "ellipsis",
            whiteSpace: { sm: "nowrap" },
            fontSize: isBin ? 16 : 17,
          }}
        >
          {place.title}
        </Typography>
        {verdict !== null && massMg !== null && <VerdictMark verdict={verdict} size={22} />}
      </Box>
      <Box sx={{ display: "flex", alignItems: "baseline", gap: 0.75, mt: "auto" }}>
        <Typography
          variant="figure"
          sx={{ fontSize: isBin ? 26 : 34, lineHeight: 1.05, color: massMg === null ? "text.disabled" : "text.primary" }}
        >
          {massMg === null ? <span aria-hidden>–</span> : mass.bare(massMg)}
        </Typography>
        {massMg !== null && <Typography variant="label">{mass.unit}</Typography>}
        <Typography
          variant="label"
          sx={{ ml: "auto", color: verdict !== null && isOut(verdict) && massMg !== null ? "error.main" : "text.secondary" }}
        >
          {inCount > 0 && massMg === null
            ? `${inCount} of ${portions?.massesMg.length ?? 0}`
            : isCurrent && massMg === null
              ? "next"
              : words}
        </Typography>
      </Box>
      {inCount > 0 && portions && <PortionFence massesMg={portions.massesMg} />}
      {window !== null && !isBin && (
        <WindowBar low={window.low} high={window.high} figure={massMg} out={verdict !== null && isOut(verdict)} />
      )}
      {place.note !== undefined && (
        <Typography variant="caption" sx={{ color: "secondary.main", lineHeight: 1.1 }}>
          {place.note}
        </Typography>
      )}
    </ButtonBase>
  );
}

/** A weight that this device took and nobody has graded yet is taken; it is no longer to weigh. */
function wordsFor(massMg: number | null, verdict: Verdict | null): string {
  if (massMg === null && verdict !== "excused") return "to weigh";
  if (verdict === null) return "";

  return verdict === "pending" ? "taken" : verdictWords[verdict];
}
