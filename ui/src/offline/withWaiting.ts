import type { Assessment, AttemptResult, LogEntry, SentCapture, Tray, User } from "../api/types";
import { deviceState, secondLookOf, type DeviceState } from "./facts";
import { rulesOf } from "./rulesOf";
import type { Waiting } from "./store";

type Person = Pick<User, "id" | "name">;

/**
 * A tray as this device knows it: what the server said, and what was taken down here since. No mark is made up: what is not graded yet is pending.
 *
 * @param by who is signed in here
 */
export function withWaiting(tray: Tray, waiting: Waiting[], by: Person, assessment: Pick<Assessment, "standard" | "mise">): Tray {
  const known = new Set(tray.log.map((it) => it.entry.capture.id));
  const fresh = waiting.filter((it) => it.refusal === null && !known.has(it.capture.id));
  if (fresh.length === 0) return tray;
  const seq = tray.log.at(-1)?.entry.seq ?? 0;
  const log = [...seenIn(tray, fresh, by), ...fresh.map((it, index) => entryOf(it, by, seq + 1 + index))];
  const captures = log.map((it) => it.entry.capture);
  const state = deviceState(captures, rulesOf(assessment));
  const touches = touchedBy(
    fresh.map((it) => it.capture),
    tray.log,
  );

  return {
    ...tray,
    stage: touches.stage ? state.stage : tray.stage,
    running_since_ms: state.running_since_ms,
    presented: state.presented_since_ms !== null,
    gate: state.gate,
    holds: holdsOf(tray, state),
    second_look: { ...tray.second_look, yours: secondLookOf(captures, by.id) },
    result: resultOf(tray.result, state, touches.weights),
    log: log.map((line) => ({ ...line, state: state.states[line.entry.capture.id] ?? line.state })),
  };
}

/** Whoever begins a second look without a network is shown nothing more of the first here either. */
const seenIn = ({ log }: Tray, fresh: Waiting[], by: Person): LogEntry[] =>
  fresh.some(({ capture }) => capture.kind === "second_look" && capture.event === "asked")
    ? log.filter(({ entry }) => entry.capture.by === by.id || !["level", "note", "well"].includes(entry.capture.kind))
    : log;

const entryOf = ({ attempt, capture, offsetMs }: Waiting, by: Person, seq: number): LogEntry => ({
  entry: {
    seq,
    attempt,
    capture: { ...capture, by: by.id },
    by: by.name,
    device: "this device, waits to go up",
    received_at: capture.at,
    offset_ms: offsetMs,
  },
  state: "holds",
  replaced_by: null,
});

export const WEIGHTS: SentCapture["kind"][] = ["received", "refused", "piece", "portion", "bin", "scrape", "incident"];

/** What facts bear on, withdrawals by what they withdraw. */
function touchedBy(facts: SentCapture[], log: LogEntry[]): { weights: boolean; stage: boolean } {
  const meant = facts.map((it) =>
    it.kind === "void" ? (log.find(({ entry }) => entry.capture.id === it.target)?.entry.capture ?? it) : it,
  );
  const weights = meant.some((it) => WEIGHTS.includes(it.kind));

  return { weights, stage: weights || meant.some((it) => it.kind === "clock" || it.kind === "mise") };
}

/** What holds of a tray by the facts this device knows. */
export function holdsOf({ holds }: Pick<Tray, "holds">, state: DeviceState): Tray["holds"] {
  const set = (portions: Record<number, number>): (number | null)[] =>
    Array.from({ length: Math.max(...Object.keys(portions).map(Number)) }, (_, index) => portions[index + 1] ?? null);

  return {
    ...holds,
    as_purchased_mg: state.received?.mass_mg ?? null,
    defects: state.received?.defects ?? [],
    portions: Object.fromEntries(Object.entries(state.portions).map(([piece, portions]) => [piece, set(portions)])),
    bins: state.bins,
    scrape_mg: state.scrape_mg,
    levels: state.levels,
    second_levels: state.second_levels,
    faults: state.faults,
    mise_looked: state.mise_open !== null,
    mise_open: state.mise_open ?? [],
    look_not: state.look_not,
    core_c: state.core_c,
  };
}

/** Whether weights balance, and how a piece stands that is weighed anew, is for the core to say. */
export function resultOf(result: AttemptResult, state: DeviceState, isWeighed: boolean): AttemptResult {
  return {
    ...result,
    time: { ...result.time, running_ms: state.running_ms },
    splits: Object.entries(state.splits).map(([checkpoint, running_ms]) => ({ checkpoint, running_ms })),
    balance: isWeighed ? { ...result.balance, state: "open", unaccounted_mg: null } : result.balance,
    pieces: result.pieces.map((it) => {
      const mass_mg = state.pieces[it.id] ?? null;

      return mass_mg === it.mass_mg ? it : { ...it, mass_mg, verdict: "pending" as const };
    }),
  };
}
