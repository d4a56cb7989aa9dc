import type { Assessment, SentCapture } from "../api/types";

interface Option {
  key: string;
  title: string;
}

/** What of a capture a person may put right. */
export type Mendable =
  | { as: "mass"; key: "mass_mg"; value: number }
  | { as: "words"; key: "text" | "reason" | "tag"; label: string; value: string; isNeeded: boolean }
  | { as: "choice"; key: "piece" | "bin" | "fault" | "checkpoint" | "level"; label: string; value: string; options: Option[] };

const mass = (value: number): Mendable => ({ as: "mass", key: "mass_mg", value });

const words = (key: "text" | "reason" | "tag", label: string, value: string | undefined, isNeeded = true): Mendable => ({
  as: "words",
  key,
  label,
  value: value ?? "",
  isNeeded,
});

const titled = (items: { id: string; title?: string }[] | undefined): Option[] =>
  (items ?? []).map((it) => ({ key: it.id, title: it.title ?? it.id }));

/** The fields of a capture that can be put right; none where it can only be sent again or dropped. */
export function mendableFields(capture: SentCapture, { standard }: Assessment): Mendable[] {
  switch (capture.kind) {
    case "received":
      return [mass(capture.mass_mg), words("tag", "Carcass tag", capture.tag, false)];
    case "refused":
      return [words("reason", "Refused, because", capture.reason), words("tag", "Carcass tag", capture.tag, false)];
    case "piece":
      return [
        { as: "choice", key: "piece", label: "Piece", value: capture.piece, options: titled(standard.pieces) },
        mass(capture.mass_mg),
      ];
    case "bin":
      return [{ as: "choice", key: "bin", label: "Place", value: capture.bin, options: titled(standard.bins) }, mass(capture.mass_mg)];
    case "portion":
    case "scrape":
      return [mass(capture.mass_mg)];
    case "level": {
      const levels = standard.criteria?.find((it) => it.id === capture.criterion)?.levels ?? [];
      const options = levels.map((_, step) => ({ key: String(step), title: `Step ${step + 1} of ${levels.length}` }));

      return [{ as: "choice", key: "level", label: "Step", value: String(capture.level), options }];
    }
    case "fault":
      return [{ as: "choice", key: "fault", label: "Mark", value: capture.fault, options: titled(standard.faults) }];
    case "checkpoint":
      return [{ as: "choice", key: "checkpoint", label: "Checkpoint", value: capture.checkpoint, options: titled(standard.checkpoints) }];
    case "clock":
      return [words("reason", "Reason", capture.reason, false)];
    case "void":
      return [words("reason", "Withdrawn, because", capture.reason)];
    case "note":
    case "well":
      return [words("text", "Words", capture.text)];
    case "incident":
      return [words("text", "What happened", capture.text, false)];
    case "allowance":
    case "resit":
    case "station":
    case "standard":
      return [words("reason", "Because", capture.reason)];
    case "mise":
    case "look":
    case "chill":
    case "second_look":
    case "photo":
    case "answer":
      return [];
  }
}

/** The capture with one of its fields written over; a line that may be empty goes when it is. */
export function mended(capture: SentCapture, field: Mendable): SentCapture {
  const isLeftOut = field.as === "words" && field.value.trim() === "" && field.key !== "text";
  const rest = Object.entries(capture).filter(([key]) => key !== field.key);
  const written = isLeftOut ? [] : [[field.key, field.key === "level" ? Number(field.value) : field.value] as const];

  return Object.fromEntries([...rest, ...written]) as SentCapture;
}
