import type { StandardFinding } from "../../api/types";
import { counted, percent } from "../../parts/format";

/** A finding, and what could be done about it. */
export function findingInWords({ kind, title, other, step, step_number: number, figure, trays }: StandardFinding): string {
  const on = counted(trays, "tray");
  const two = figure.toFixed(2).replace("-", "−");
  switch (kind) {
    case "criterion_easy":
      return `${title}: ${percent(figure, 0)} of its points are given (${on}). Nearly everybody has them; a step that asks more would tell students apart.`;
    case "criterion_hard":
      return `${title}: only ${percent(figure, 0)} of its points are given (${on}). Teach it, or describe a step that can be reached.`;
    case "criterion_apart":
      return `${title} goes with the other criteria by ${two} only (${on}): who does well elsewhere does no better here. Look whether its steps can be seen.`;
    // Many of them are of no use one by one.
    case "level_never_given":
      return `${title}: step ${number}, “${step}”, was never given (${on}). Take it away, or say it so that it can be met.`;
    case "criteria_alike":
      return `${title} and ${other} go up and down together (${two}, ${on}): they may say the same twice.`;
    case "window_hardly_met":
      return `${title}: ${percent(figure, 0)} of ${on} met the window. Look at what the school’s own carcasses weigh.`;
    case "window_always_met":
      return `${title}: ${percent(figure, 0)} of ${on} met the window. A narrower one would tell cuts apart.`;
    case "time_not_needed":
      return `${percent(figure, 0)} of ${on} were done within the standard time: nobody needs all of it.`;
    case "time_hardly_met":
      return `${percent(figure, 0)} of ${on} were done within the standard time: it is a time of the trade, or it is wrong.`;
  }
}

/** Where in the editor a finding is mended. */
export function placeInEditor(standard: string, { kind, place }: StandardFinding): string {
  const tab = kind.startsWith("window") ? "cuts" : kind.startsWith("time") ? "rules" : "criteria";

  return `/standards/${standard}/edit?tab=${tab}${place === null ? "" : `&at=${encodeURIComponent(place)}`}`;
}
