import type { FloorStation, SentCapture, Tray } from "../api/types";

/**
 * What the facts of an attempt say now, as far as a device must know it without a network. The rules are those of the core (core/src/Capture); both are
 * run through the same vectors (tests/vectors/device.json). Times in ms since 1970, masses in mg.
 */
export interface DeviceState {
  running_ms: number;
  running_since_ms: number | null;
  started_ms: number | null;
  presented_since_ms: number | null;
  stage: Extract<FloorStation["stage"], "waiting" | "mise" | "received" | "running" | "paused" | "presented" | "weighing">;
  /** Running time at each checkpoint. */
  splits: Record<string, number>;
  /** Null while nobody has looked. */
  mise_open: string[] | null;
  /** What of the carcass is not as it should be; null while nobody has looked. */
  look_not: string[] | null;
  core_c: number | null;
  received: { mass_mg: number; defects: string[]; tag: string | null } | null;
  refused: number;
  cold_ms: number;
  cold_since_ms: number | null;
  pieces: Record<string, number>;
  portions: Record<string, Record<number, number>>;
  bins: Record<string, number>;
  scrape_mg: number | null;
  levels: Record<string, number>;
  /** As a second assessor gave them. */
  second_levels: Record<string, number>;
  faults: Record<string, number>;
  incidents: number;
  /** What became of each fact, by its id. */
  states: Record<string, "holds" | "replaced" | "withdrawn">;
  /** Why the clock may not be set running without a reason; null where it may. */
  gate: { looked: boolean; open: string[] } | null;
}

export interface Rules {
  /** How many portions a piece has that is a set. */
  portions: Record<string, number>;
  /** Ids of the items of the mise en place that nobody should cut without. */
  safety: string[];
}

type Kind<Of extends SentCapture["kind"]> = Extract<SentCapture, { kind: Of }>;

const timeOf = (it: SentCapture): number => Date.parse(it.at);

const inOrder = (one: SentCapture, other: SentCapture): number =>
  timeOf(one) - timeOf(other) || (one.id < other.id ? -1 : one.id > other.id ? 1 : 0);

/** The slot a fact is the weight or the level of, where a later one replaces it. */
function slotOf(it: SentCapture): string | null {
  switch (it.kind) {
    case "piece":
      return `piece ${it.piece}`;
    case "portion":
      return `portion ${it.portion} ${it.piece}`;
    case "bin":
      return `bin ${it.bin}`;
    case "level":
      return `level ${roundOf(it)} ${it.criterion}`;
    case "second_look":
      return `second look ${it.marker}`;
    case "checkpoint":
      return `checkpoint ${it.checkpoint}`;
    case "received":
    case "scrape":
    case "mise":
    case "look":
    case "allowance":
    case "resit":
    case "station":
    case "standard":
      return it.kind;
    default:
      return null;
  }
}

/** The first where nobody said another. */
const roundOf = ({ round = "first" }: Kind<"level">): NonNullable<Kind<"level">["round"]> => round;

const levelsOf = (levels: Kind<"level">[], round: Kind<"level">["round"]): Record<string, number> =>
  Object.fromEntries(levels.filter((it) => roundOf(it) === round).map((it) => [it.criterion, it.level]));

/** The slots a fact empties for those before it. */
const emptiedBy = (it: SentCapture): string[] =>
  it.kind === "refused" ? ["received", "look"] : it.kind === "portion" ? [`piece ${it.piece}`] : [];

/** Ids taken out: by a withdrawal that is not taken out itself. */
function withdrawnAmong(facts: SentCapture[]): Set<string> {
  const aimedAt = new Map<string, string[]>();
  for (const it of facts) if (it.kind === "void") aimedAt.set(it.target, [...(aimedAt.get(it.target) ?? []), it.id]);
  const isOut = (id: string): boolean => (aimedAt.get(id) ?? []).some((withdrawal) => !isOut(withdrawal));

  return new Set(facts.filter((it) => isOut(it.id)).map((it) => it.id));
}

/** A fact, and the id of who took it down. */
type Signed = SentCapture & { by: string };

/** How a person stands to the second look at a tray. */
export function secondLookOf(captures: Signed[], person: string): Tray["second_look"]["yours"] {
  const facts = [...captures].sort(inOrder);
  const withdrawn = withdrawnAmong(facts);
  const counted = facts.filter((it) => !withdrawn.has(it.id));
  const replaced = replacedAmong(counted);
  const holding = counted.filter((it) => !replaced.has(it.id));
  const levels = (among: Signed[], round: Kind<"level">["round"]) =>
    among.some((it) => it.kind === "level" && it.by === person && roundOf(it) === round);
  const event = holding.flatMap((it) => (it.kind === "second_look" && it.marker === person ? [it.event] : [])).at(-1);
  if (event === "finished") return "finished";
  if (event === "asked") return "open";
  // Whoever gives a second level without having been asked is at it too.
  if (event === undefined && levels(holding, "second")) return "open";

  return levels(counted, "first") ? "gave_first" : "free";
}

export function deviceState(captures: SentCapture[], { portions: counts, safety }: Rules): DeviceState {
  const facts = [...captures].sort(inOrder);
  const withdrawn = withdrawnAmong(facts);
  const counted = facts.filter((it) => !withdrawn.has(it.id));
  const replaced = replacedAmong(counted);
  const holding = counted.filter((it) => !replaced.has(it.id));
  const of = <K extends SentCapture["kind"]>(kind: K, among = holding): Kind<K>[] => among.filter((it): it is Kind<K> => it.kind === kind);
  const turns = of("clock", counted);
  const clock = clockOf(turns);
  const cold = coldOf(of("chill", counted));
  const incidents = of("incident");
  const gone = new Set(incidents.filter((it) => it.treatment === "voided").flatMap((it) => it.pieces));
  const weights = weightsOf(of("piece"), of("portion"), gone, counts, clock.presented_since_ms !== null);
  const received = of("received").at(-1);
  const mise = of("mise").at(-1);
  const look = of("look").at(-1);
  const bins = Object.fromEntries(of("bin").map((it) => [it.bin, it.mass_mg]));
  const known = { ...clock, ...weights, bins, mise_open: mise?.open ?? null };

  return {
    ...known,
    splits: Object.fromEntries(of("checkpoint").map((it) => [it.checkpoint, ranUntil(timeOf(it), turns)])),
    received: received === undefined ? null : { mass_mg: received.mass_mg, defects: received.defects ?? [], tag: received.tag ?? null },
    look_not: look?.not ?? null,
    core_c: look?.core_c ?? null,
    refused: of("refused", counted).length,
    ...cold,
    scrape_mg: of("scrape").at(-1)?.mass_mg ?? null,
    levels: levelsOf(of("level"), "first"),
    second_levels: levelsOf(of("level"), "second"),
    faults: of("fault").reduce<Record<string, number>>((sum, { fault }) => ({ ...sum, [fault]: (sum[fault] ?? 0) + 1 }), {}),
    incidents: incidents.length,
    states: Object.fromEntries(facts.map(({ id }) => [id, withdrawn.has(id) ? "withdrawn" : replaced.has(id) ? "replaced" : "holds"])),
    gate: gateOf(of("mise", counted), turns, safety),
    stage: stageOf(known, received !== undefined),
  };
}

/** Ids whose slot a later fact took or emptied. */
function replacedAmong(counted: SentCapture[]): Set<string> {
  const holders = new Map<string, string>();
  const replaced = new Set<string>();
  for (const it of counted) {
    const slot = slotOf(it);
    for (const taken of [slot, ...emptiedBy(it)]) {
      const holder = taken === null ? undefined : holders.get(taken);
      if (taken === null || holder === undefined) continue;
      replaced.add(holder);
      holders.delete(taken);
    }
    if (slot !== null) holders.set(slot, it.id);
  }

  return replaced;
}

type Clock = Pick<DeviceState, "running_ms" | "running_since_ms" | "started_ms" | "presented_since_ms">;

/** Start and resume begin to run if not running; pause and stop end it. Stop presents the tray, a later resume takes that back. */
function clockOf(turns: Kind<"clock">[]): Clock {
  const clock: Clock = { running_ms: 0, running_since_ms: null, started_ms: null, presented_since_ms: null };
  for (const turn of turns) {
    const at = timeOf(turn);
    if (turn.event === "start" || turn.event === "resume") {
      clock.running_since_ms ??= at;
      clock.started_ms ??= at;
      if (turn.event === "resume") clock.presented_since_ms = null;
      continue;
    }
    clock.running_ms += clock.running_since_ms === null ? 0 : at - clock.running_since_ms;
    clock.running_since_ms = null;
    if (turn.event === "stop") clock.presented_since_ms ??= at;
  }

  return clock;
}

function ranUntil(at: number, turns: Kind<"clock">[]): number {
  const clock = clockOf(turns.filter((it) => timeOf(it) <= at));

  return clock.running_ms + (clock.running_since_ms === null ? 0 : at - clock.running_since_ms);
}

function coldOf(doors: Kind<"chill">[]): Pick<DeviceState, "cold_ms" | "cold_since_ms"> {
  let ms = 0;
  let since: number | null = null;
  for (const door of doors) {
    if (door.event === "out") {
      since ??= timeOf(door);
      continue;
    }
    ms += since === null ? 0 : timeOf(door) - since;
    since = null;
  }

  return { cold_ms: ms, cold_since_ms: since };
}

function weightsOf(
  whole: Kind<"piece">[],
  single: Kind<"portion">[],
  gone: Set<string>,
  counts: Record<string, number>,
  isPresented: boolean,
): Pick<DeviceState, "pieces" | "portions"> {
  const pieces: Record<string, number> = {};
  const portions: Record<string, Record<number, number>> = {};
  for (const it of whole) if (!gone.has(it.piece)) pieces[it.piece] = it.mass_mg;
  for (const it of single) if (!gone.has(it.piece)) portions[it.piece] = { ...portions[it.piece], [it.portion]: it.mass_mg };
  for (const [piece, set] of Object.entries(portions)) {
    const masses = Object.values(set);
    if (isPresented || masses.length === counts[piece]) pieces[piece] ??= masses.reduce((sum, mg) => sum + mg, 0);
  }

  return { pieces, portions };
}

/** A clock may be set running where somebody looked and no safety item is open, or since a reason was given after the last look. */
function gateOf(looks: Kind<"mise">[], turns: Kind<"clock">[], safety: string[]): DeviceState["gate"] {
  const last = looks.at(-1);
  const isReasoned = turns.some(
    (it) =>
      (it.event === "start" || it.event === "resume") && (it.reason ?? "").trim() !== "" && (last === undefined || inOrder(last, it) < 0),
  );
  if (isReasoned) return null;
  const open = safety.filter((id) => last === undefined || last.open.includes(id));

  return open.length === 0 ? null : { looked: last !== undefined, open };
}

function stageOf(state: Clock & Pick<DeviceState, "pieces" | "bins" | "mise_open">, isReceived: boolean): DeviceState["stage"] {
  if (Object.keys(state.pieces).length > 0 || Object.keys(state.bins).length > 0) return "weighing";
  if (state.presented_since_ms !== null) return "presented";
  if (state.running_since_ms !== null) return "running";
  if (state.running_ms > 0) return "paused";
  if (isReceived) return "received";

  return state.mise_open === null ? "waiting" : "mise";
}
