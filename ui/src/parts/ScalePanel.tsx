import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { memo, type ReactNode } from "react";
import { lowerFirst } from "./format";
import { useMassWords } from "./mass";
import { useKeys } from "./useKey";
import { DemoPan, type OnScale } from "./DemoPan";
import { ConnectScale } from "./scale/ConnectScale";
import { TypedWeight } from "./TypedWeight";
import { useReading, type Reading } from "./useReading";

interface ScalePanelProps {
  attempt: string;
  isSimulated: boolean;
  /** What is to be weighed now; null when nothing is. */
  place: OnScale | null;
  /** What is said when nothing is to be weighed, where that can be: on the button, and what can be done. */
  idle?: { button: string; hint: string };
  said: string;
  /** What else is offered for this place, above the button. */
  children?: ReactNode;
  onMass: (massMg: number) => void;
}

/** The scale beside the tray: its live reading, taking it, or typing a weight instead. */
export function ScalePanel({
  attempt,
  isSimulated,
  place,
  idle = { button: "Nothing to weigh", hint: "" },
  said,
  children,
  onMass,
}: ScalePanelProps) {
  const reading = useReading(onMass);
  useKeys((key) => {
    if (key !== "Enter" || place === null) return false;
    reading.take();

    return true;
  });

  return (
    <Box
      component="section"
      aria-label="Scale"
      sx={{
        display: "flex",
        flexDirection: "column",
        gap: 1.5,
        bgcolor: "background.paper",
        border: "2px solid",
        borderColor: "text.primary",
        p: 2,
      }}
    >
      <Dial reading={reading} />
      {children}
      <Button variant="contained" sx={{ minHeight: 64, fontSize: "1.35rem" }} disabled={place === null} onClick={reading.take}>
        {place === null ? idle.button : `Take ${lowerFirst(place.title)}`}
      </Button>
      <Typography role="status" sx={{ minHeight: "2.9em", color: reading.refusal === null ? "text.secondary" : "error.main" }}>
        {reading.refusal ?? (said === "" ? (place === null ? idle.hint : "Enter takes a steady reading.") : said)}
      </Typography>
      <TypedWeight label="Or type it" disabled={place === null} onMass={(mg) => (reading.forget(), onMass(mg))} />
      <Connection />
      {isSimulated && <Hand attempt={attempt} place={place} />}
    </Box>
  );
}

/** What stays as it is while the figure runs. */
const [Connection, Hand] = [memo(ConnectScale), memo(DemoPan)];

const stateWords = { stable: "steady", moving: "moving", refused: "refused" };

function Dial({ reading: { scale } }: { reading: Reading }) {
  const mass = useMassWords();
  const isReading = scale.line === "reading";
  const state = isReading ? scale.reading.state : null;
  const figure = isReading && scale.reading.mass_mg !== null && state !== "refused" ? mass.bare(scale.reading.mass_mg) : "– – –";

  return (
    <Box data-scale={state ?? scale.line}>
      <Box sx={{ display: "flex", alignItems: "baseline", justifyContent: "flex-end", gap: 1 }}>
        <Typography
          variant="figure"
          aria-label={`Reading ${figure} ${mass.unit}`}
          role="img"
          sx={{
            fontSize: 88,
            lineHeight: 0.95,
            color: state === "moving" ? "text.disabled" : "text.primary",
            fontStyle: state === "moving" ? "italic" : "normal",
          }}
        >
          {figure}
        </Typography>
        <Typography variant="figure" sx={{ fontSize: 34 }}>
          {mass.unit}
        </Typography>
      </Box>
      <Box sx={{ display: "flex", alignItems: "center", gap: 1, mt: 0.5 }}>
        <Steadiness state={state} />
        <Typography variant="label" sx={{ color: state === "refused" || scale.line === "silent" ? "error.main" : "text.primary" }}>
          {state === null ? (scale.line === "silent" ? "no answer" : "connecting …") : stateWords[state]}
        </Typography>
        {isReading && state === "refused" && (
          <Typography variant="caption" sx={{ color: "error.main", ml: "auto", textAlign: "right" }}>
            {scale.reading.refusal}
          </Typography>
        )}
      </Box>
    </Box>
  );
}

/** A level line: flat when steady, wavy while moving, broken otherwise. */
function Steadiness({ state }: { state: "stable" | "moving" | "refused" | null }) {
  const path =
    state === "stable"
      ? "M2 8 H118"
      : state === "moving"
        ? "M2 8 Q12 -2 22 8 T42 8 T62 8 T82 8 T102 8 T118 8"
        : "M2 8 H20 M34 8 H52 M66 8 H84 M98 8 H118";

  return (
    <Box
      component="svg"
      viewBox="0 0 120 16"
      width={120}
      height={16}
      aria-hidden
      sx={{ color: state === "refused" ? "error.main" : "text.primary" }}
    >
      <path d={path} fill="none" stroke="currentColor" strokeWidth={state === "stable" ? 5 : 2.5} />
    </Box>
  );
}
