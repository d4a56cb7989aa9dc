import type { Tray } from "../../api/types";

/** How this person stands to the second look at a tray, with what waits on this device to go up. */
export function secondLookOf(tray: Tray, person: string): Tray["second_look"]["yours"] {
  const turns = tray.log.flatMap(({ entry: { capture }, state }) =>
    capture.kind === "second_look" && capture.marker === person && state === "holds" ? [capture.event] : [],
  );
  if (turns.includes("finished")) return "finished";

  return turns.includes("asked") ? "open" : tray.second_look.yours;
}
