import type { Floor, FloorStation, SentCapture } from "../../api/types";
import { standing } from "../../offline/standing";

/** So many marks does a tile show, as the server sends them. */
const LAST = 4;

interface Taken {
  attempt: string;
  capture: SentCapture;
}

/** A room with captures laid over it that the server does not know of yet. */
export function withCaptures(floor: Floor, fresh: Taken[]): Floor {
  if (fresh.length === 0) return floor;
  const stands = standing(fresh);
  const stations = floor.stations.map((station) =>
    stands.filter((it) => it.attempt === station.attempt).reduce((it, { capture }) => withCapture(it, capture, floor), station),
  );

  return { ...floor, stations };
}

function withCapture(station: FloorStation, capture: SentCapture, floor: Floor): FloorStation {
  const at = Date.parse(capture.at);
  const marked = (text: string): FloorStation => ({
    ...station,
    last: [{ id: capture.id, kind: capture.kind, text, at: capture.at }, ...station.last.filter((it) => it.id !== capture.id)].slice(
      0,
      LAST,
    ),
  });
  switch (capture.kind) {
    case "mise":
      return { ...station, mise_looked: true, mise_open: capture.open, stage: station.stage === "waiting" ? "mise" : station.stage };
    case "received":
      return {
        ...station,
        received_mg: capture.mass_mg,
        defects: capture.defects ?? [],
        tag: capture.tag ?? null,
        stage: ["waiting", "mise"].includes(station.stage) ? "received" : station.stage,
      };
    case "refused":
      return { ...station, received_mg: null, tag: null, defects: [], refused: station.refused + 1 };
    case "chill":
      return capture.event === "out"
        ? { ...station, cold_since_ms: station.cold_since_ms ?? at }
        : { ...station, cold_since_ms: null, cold_ms: station.cold_ms + (station.cold_since_ms === null ? 0 : at - station.cold_since_ms) };
    case "void":
      return { ...station, last: station.last.filter((it) => it.id !== capture.target) };
    case "clock":
      return turned(station, capture.event, at);
    case "checkpoint": {
      const title = floor.checkpoints.find((it) => it.id === capture.checkpoint)?.title ?? capture.checkpoint;
      const ran = station.running_ms + (station.running_since_ms === null ? 0 : at - station.running_since_ms);
      const others = station.splits.filter((it) => it.checkpoint !== capture.checkpoint);

      return { ...station, splits: [...others, { checkpoint: capture.checkpoint, title, running_ms: ran }] };
    }
    case "fault":
      return marked(floor.marks.find((it) => it.id === capture.fault)?.title ?? capture.fault);
    case "well":
    case "note":
      return marked(capture.text);
    case "incident":
      return { ...marked(`Incident: ${capture.what.replace("_", " ")}`), incidents: station.incidents + 1 };
    default:
      return station;
  }
}

function turned(station: FloorStation, event: "start" | "pause" | "resume" | "stop", at: number): FloorStation {
  if (event === "start" || event === "resume")
    return { ...station, stage: "running", presented: false, running_since_ms: station.running_since_ms ?? at, queued_since_ms: null };
  const ran = station.running_since_ms === null ? 0 : at - station.running_since_ms;

  return {
    ...station,
    stage: event === "stop" ? "presented" : "paused",
    presented: event === "stop",
    running_since_ms: null,
    running_ms: station.running_ms + ran,
    queued_since_ms: event === "stop" ? at : null,
  };
}
