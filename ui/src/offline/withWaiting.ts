import type { AttemptResult, SentCapture, Tray } from "../api/types";
import type { Waiting } from "./store";

/** A tray as this device knows it: what the server said, and over it what was taken down since. No mark is made up: what is not graded yet is pending. */
export function withWaiting(tray: Tray, waiting: Waiting[]): Tray {
  const known = new Set(tray.log.map((it) => it.entry.capture.id));
  const fresh = waiting.filter((it) => it.refusal === null && !known.has(it.capture.id)).map((it) => it.capture);

  return fresh.reduce(withCapture, tray);
}

function withCapture(tray: Tray, capture: SentCapture): Tray {
  const { holds, result } = tray;
  switch (capture.kind) {
    case "received":
      return { ...tray, result: weighing(result), holds: { ...holds, as_purchased_mg: capture.mass_mg, defects: capture.defects ?? [] } };
    case "piece":
      return {
        ...tray,
        result: {
          ...weighing(result),
          pieces: result.pieces.map((it) =>
            it.id === capture.piece ? { ...it, mass_mg: capture.mass_mg, verdict: "pending" as const } : it,
          ),
        },
      };
    case "portion": {
      const portions = [...(holds.portions[capture.piece] ?? [])];
      for (let at = portions.length; at < capture.portion; at++) portions[at] = null;
      portions[capture.portion - 1] = capture.mass_mg;

      return { ...tray, result: weighing(result), holds: { ...holds, portions: { ...holds.portions, [capture.piece]: portions } } };
    }
    case "bin":
      return { ...tray, result: weighing(result), holds: { ...holds, bins: { ...holds.bins, [capture.bin]: capture.mass_mg } } };
    case "scrape":
      return { ...tray, result: weighing(result), holds: { ...holds, scrape_mg: capture.mass_mg } };
    case "level":
      return { ...tray, holds: { ...holds, levels: { ...holds.levels, [capture.criterion]: capture.level } } };
    case "fault":
      return { ...tray, holds: { ...holds, faults: { ...holds.faults, [capture.fault]: (holds.faults[capture.fault] ?? 0) + 1 } } };
    case "mise":
      return { ...tray, holds: { ...holds, mise_looked: true, mise_open: capture.open } };
    case "clock":
      return { ...tray, ...turned(tray, capture.event, Date.parse(capture.at)) };
    default:
      return tray;
  }
}

/** Whether weights balance is for the core to say, once it has seen all of them. */
const weighing = (result: AttemptResult): AttemptResult => ({
  ...result,
  balance: { ...result.balance, state: "open", unaccounted_mg: null },
});

function turned(tray: Tray, event: "start" | "pause" | "resume" | "stop", at: number): Partial<Tray> {
  if (event === "start" || event === "resume")
    return { running_since_ms: tray.running_since_ms ?? at, presented: tray.presented && event !== "resume" };
  const ran = tray.running_since_ms === null ? 0 : at - tray.running_since_ms;
  const time = { ...tray.result.time, running_ms: tray.result.time.running_ms + ran };

  return { running_since_ms: null, presented: tray.presented || event === "stop", result: { ...tray.result, time } };
}
