import type { AttemptResult, LogEntry, SentCapture, Tray } from "../api/types";
import { standing } from "./standing";
import type { Waiting } from "./store";

/**
 * A tray as this device knows it: what the server said, and over it and in its log what was taken down since.
 * No mark is made up: what is not graded yet is pending.
 *
 * @param by who is signed in here
 */
export function withWaiting(tray: Tray, waiting: Waiting[], by: string): Tray {
  const known = new Set(tray.log.map((it) => it.entry.capture.id));
  const fresh = waiting.filter((it) => it.refusal === null && !known.has(it.capture.id));
  if (fresh.length === 0) return tray;
  const stands = standing(fresh);
  const withdrawn = new Set(stands.flatMap(({ capture }) => (capture.kind === "void" ? [capture.target] : [])));
  const log = [...tray.log, ...fresh.map((it, index) => entryOf(it, by, (tray.log.at(-1)?.entry.seq ?? 0) + 1 + index))];

  return {
    ...stands.map((it) => it.capture).reduce(withCapture, tray),
    log: log.map((line) => (withdrawn.has(line.entry.capture.id) ? { ...line, standing: "withdrawn" } : line)),
  };
}

const entryOf = ({ attempt, capture, offsetMs }: Waiting, by: string, seq: number): LogEntry => ({
  entry: {
    seq,
    attempt,
    capture: { ...capture, by },
    by,
    device: "this device, waits to go up",
    received_at: capture.at,
    offset_ms: offsetMs,
  },
  standing: "holds",
  replaced_by: null,
});

function withCapture(tray: Tray, capture: SentCapture): Tray {
  const { holds, result } = tray;
  switch (capture.kind) {
    case "received":
      return { ...tray, result: weighing(result), holds: { ...holds, as_purchased_mg: capture.mass_mg, defects: capture.defects ?? [] } };
    case "refused":
      return { ...tray, result: weighing(result), holds: { ...holds, as_purchased_mg: null, defects: [] } };
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
    case "checkpoint": {
      const ran = result.time.running_ms + (tray.running_since_ms === null ? 0 : Date.parse(capture.at) - tray.running_since_ms);
      const others = (result.splits ?? []).filter((it) => it.checkpoint !== capture.checkpoint);

      return { ...tray, result: { ...result, splits: [...others, { checkpoint: capture.checkpoint, running_ms: ran }] } };
    }
    case "clock":
      return { ...tray, ...turned(tray, capture.event, Date.parse(capture.at)) };
    case "void":
      return without(tray, capture.target);
    default:
      return tray;
  }
}

/** What held is withdrawn: what may hold instead, the server will say. */
function without(tray: Tray, target: string): Tray {
  const { holds, result } = tray;
  const line = tray.log.find((it) => it.entry.capture.id === target);
  if (line?.standing !== "holds") return tray;
  const { capture } = line.entry;
  switch (capture.kind) {
    case "piece":
      return {
        ...tray,
        result: {
          ...weighing(result),
          pieces: result.pieces.map((it) => (it.id === capture.piece ? { ...it, mass_mg: null, verdict: "pending" as const } : it)),
        },
      };
    case "bin":
      return { ...tray, result: weighing(result), holds: { ...holds, bins: omit(holds.bins, capture.bin) } };
    case "scrape":
      return { ...tray, result: weighing(result), holds: { ...holds, scrape_mg: null } };
    case "level":
      return { ...tray, holds: { ...holds, levels: omit(holds.levels, capture.criterion) } };
    case "fault":
      return { ...tray, holds: { ...holds, faults: { ...holds.faults, [capture.fault]: (holds.faults[capture.fault] ?? 1) - 1 } } };
    default:
      return tray;
  }
}

const omit = (of: Record<string, number>, key: string): Record<string, number> =>
  Object.fromEntries(Object.entries(of).filter(([name]) => name !== key));

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
