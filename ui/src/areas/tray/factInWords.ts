import type { Assessment, SentCapture } from "../../api/types";
import { grams } from "../../parts/format";

const clockWords = { start: "Clock started", pause: "Clock paused", resume: "Clock resumed", stop: "Tray presented, clock stopped" };

const titleIn = (items: { id: string; title?: string }[] | undefined, id: string): string => items?.find((it) => it.id === id)?.title ?? id;

/** A capture as one would say it. */
export function factInWords(capture: SentCapture, { standard }: Assessment): string {
  switch (capture.kind) {
    case "received": {
      const defects = (capture.defects ?? []).map((it) => titleIn(standard.defects, it).toLowerCase());

      return `Carcass received, AP ${grams(capture.mass_mg)}${defects.length > 0 ? `; ${defects.join(", ")}` : ""}`;
    }
    case "clock":
      return clockWords[capture.event];
    case "piece":
      return `${titleIn(standard.pieces, capture.piece)} ${grams(capture.mass_mg)}`;
    case "bin":
      return `${titleIn(standard.bins, capture.bin)} ${grams(capture.mass_mg)}`;
    case "scrape":
      return `Scraped off the frame ${grams(capture.mass_mg)}`;
    case "level": {
      const criterion = standard.criteria?.find((it) => it.id === capture.criterion);

      return `${criterion?.title ?? capture.criterion}: step ${capture.level + 1} of ${criterion?.levels.length ?? "?"}`;
    }
    case "fault":
      return `Mark: ${titleIn(standard.faults, capture.fault).toLowerCase()}`;
    case "checkpoint":
      return `Checkpoint passed: ${titleIn(standard.checkpoints, capture.checkpoint)}`;
    case "note":
      return `Note: ${capture.text}`;
    case "photo":
      return `Photograph ${capture.file}`;
    case "void":
      return `Withdrawn: ${capture.reason}`;
  }
}
