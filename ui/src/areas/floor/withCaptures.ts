import type { Floor, FloorStation, SentCapture } from "../../api/types";
import { deviceState, type DeviceState } from "../../offline/facts";

/** So many marks does a tile show, as the server sends them. */
const LAST = 4;

interface Taken {
  attempt: string;
  capture: SentCapture;
}

/** A room with captures laid over it that the server does not know of yet. */
export function withCaptures(floor: Floor, fresh: Taken[]): Floor {
  if (fresh.length === 0) return floor;
  const stations = floor.stations.map((station) => {
    const facts = fresh.filter((it) => it.attempt === station.attempt).map((it) => it.capture);

    return facts.length === 0 ? station : withFacts(station, facts, floor);
  });

  return { ...floor, stations };
}

function withFacts(station: FloorStation, fresh: SentCapture[], floor: Floor): FloorStation {
  const known = new Set(station.facts.map((it) => it.id));
  const state = deviceState([...station.facts, ...fresh.filter((it) => !known.has(it.id))], {
    portions: {},
    safety: floor.mise.filter((it) => it.is_safety).map((it) => it.id),
  });
  const stage = stageOf(station, state, fresh);

  return {
    ...station,
    stage,
    running_ms: state.running_ms,
    running_since_ms: state.running_since_ms,
    started_ms: state.started_ms,
    presented: state.presented_since_ms !== null,
    queued_since_ms: stage === "presented" || stage === "weighing" ? (state.presented_since_ms ?? 0) : null,
    splits: Object.entries(state.splits).map(([checkpoint, running_ms]) => ({
      checkpoint,
      title: floor.checkpoints.find((it) => it.id === checkpoint)?.title ?? checkpoint,
      running_ms,
    })),
    mise_looked: state.mise_open !== null,
    mise_open: state.mise_open ?? [],
    look_not: state.look_not,
    core_c: state.core_c,
    gate: state.gate,
    received_mg: state.received?.mass_mg ?? null,
    tag: state.received?.tag ?? null,
    defects: state.received?.defects ?? [],
    refused: state.refused,
    cold_ms: state.cold_ms,
    cold_since_ms: state.cold_since_ms,
    incidents: state.incidents,
    last: lastOf(station, fresh, state, floor),
  };
}

/** What is weighed and judged only the server knows; a turn of the clock tells the rest. */
function stageOf(station: FloorStation, state: DeviceState, fresh: SentCapture[]): FloorStation["stage"] {
  const turnsClock = fresh.some((it) => it.kind === "clock" || it.kind === "void");
  if (!turnsClock && ["weighing", "weighed", "judged"].includes(station.stage)) return station.stage;

  return station.weighed ? (["weighed", "judged"].includes(station.stage) ? station.stage : "weighing") : state.stage;
}

function lastOf(station: FloorStation, fresh: SentCapture[], state: DeviceState, floor: Floor): FloorStation["last"] {
  const marks = fresh.flatMap((it) => {
    const text = markOf(it, floor);

    return text === null ? [] : [{ id: it.id, kind: it.kind, text, at: it.at }];
  });
  const targets = new Set(fresh.flatMap((it) => (it.kind === "void" ? [it.target] : [])));
  const isGone = (id: string): boolean => state.states[id] === "withdrawn" || targets.has(id);
  const all = [...marks.reverse(), ...station.last.filter((it) => !marks.some(({ id }) => id === it.id))];

  return all.filter((it) => !isGone(it.id)).slice(0, LAST);
}

/** What a mark says; null where the fact is none. */
function markOf(it: SentCapture, floor: Floor): string | null {
  switch (it.kind) {
    case "fault":
      return floor.marks.find(({ id }) => id === it.fault)?.title ?? it.fault;
    case "checkpoint":
      return floor.checkpoints.find(({ id }) => id === it.checkpoint)?.title ?? it.checkpoint;
    case "well":
    case "note":
      return it.text;
    case "refused":
      return `Carcass refused: ${it.reason}`;
    case "incident":
      return `Incident: ${it.what.replace("_", " ")}`;
    default:
      return null;
  }
}
