import type { Assessment, Fact } from "../api/types";
import { lowerFirst } from "./format";
import { useMassWords, type MassWords } from "./mass";

const clockWords = { start: "Clock started", pause: "Clock paused", resume: "Clock resumed", stop: "Tray presented, clock stopped" };

const titleIn = (items: { id: string; title?: string }[] | undefined, id: string): string => items?.find((it) => it.id === id)?.title ?? id;

const secondLookWords = { asked: "Second look asked for", finished: "Second look finished", called_off: "Second look called off" };

/** Said behind a level that is not of the first look. */
const looks = { first: "", second: ", second look", agreed: ", agreed" };

/** How one would say a capture of this practical; of which kind it is while the practical is not known. */
export function useFactWords(assessment: Assessment | undefined): (capture: Fact) => string {
  const mass = useMassWords();

  return (capture) => (assessment === undefined ? capture.kind : factInWords(capture, assessment, mass));
}

export function factInWords(capture: Fact, { standard, receiving, scrape_title: scrape }: Assessment, mass: MassWords): string {
  switch (capture.kind) {
    case "received": {
      const defects = (capture.defects ?? []).map((it) => titleIn(standard.defects, it).toLowerCase());

      return `Carcass received, AP ${mass.full(capture.mass_mg)}${defects.length > 0 ? `; ${defects.join(", ")}` : ""}`;
    }
    case "clock":
      return `${clockWords[capture.event]}${capture.reason === undefined ? "" : `: ${capture.reason}`}`;
    case "piece":
      return `${titleIn(standard.pieces, capture.piece)} ${mass.full(capture.mass_mg)}`;
    case "portion":
      return `${titleIn(standard.pieces, capture.piece)}, portion ${capture.portion}, ${mass.full(capture.mass_mg)}`;
    case "bin":
      return `${titleIn(standard.bins, capture.bin)} ${mass.full(capture.mass_mg)}`;
    case "scrape":
      return `${scrape} ${mass.full(capture.mass_mg)}`;
    case "level": {
      const criterion = standard.criteria?.find((it) => it.id === capture.criterion);

      return `${criterion?.title ?? capture.criterion}: step ${capture.level + 1} of ${criterion?.levels.length ?? "?"}${looks[capture.round ?? "first"]}`;
    }
    case "second_look":
      return secondLookWords[capture.event];
    case "fault":
      return `Mark: ${titleIn(standard.faults, capture.fault).toLowerCase()}`;
    case "checkpoint":
      return `Checkpoint passed: ${titleIn(standard.checkpoints, capture.checkpoint)}`;
    case "mise":
      return capture.open.length === 0 ? "Mise in order" : `Mise open: ${capture.open.join(", ")}`;
    case "look": {
      const not = capture.not.map((id) => lowerFirst(receiving.find((it) => it.id === id)?.otherwise ?? id));
      const core = capture.core_c === undefined ? "" : `, core ${capture.core_c} °C`;

      return not.length === 0 ? `Carcass as it should be${core}` : `Carcass: ${not.join("; ")}${core}`;
    }
    case "refused":
      return `Carcass refused: ${capture.reason}`;
    case "chill":
      return capture.event === "out" ? "Out of the refrigerator" : "Back in the refrigerator";
    case "well":
      return `Done well: ${capture.text}`;
    case "incident":
      return `Incident: ${capture.what.replace("_", " ")}${capture.text === "" ? "" : `, ${capture.text}`}`;
    case "note":
      return `Note: ${capture.text}`;
    case "answer":
      return `Handed in, ${titleIn(standard.criteria, capture.criterion)}: ${capture.text}`;
    case "photo":
      return `Photograph ${capture.file}`;
    case "allowance":
      return `Time allowance × ${capture.time_factor}: ${capture.reason}`;
    case "resit":
      return `${capture.resit ? "A resit" : "Not a resit"}: ${capture.reason}`;
    case "station":
      return `At station ${capture.station}: ${capture.reason}`;
    case "standard":
      return `Held against ${capture.standard}, version ${capture.version}: ${capture.reason}`;
    case "void":
      return `Withdrawn: ${capture.reason}`;
  }
}
