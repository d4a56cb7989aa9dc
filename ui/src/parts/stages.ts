import type { TrayCard } from "../api/types";

/** What each stage of a tray is called, on every screen. */
export const stageWords: Record<TrayCard["stage"], string> = {
  waiting: "empty",
  mise: "mise seen",
  received: "received",
  running: "at work",
  paused: "paused",
  presented: "presented",
  weighing: "on the scale",
  weighed: "weighed",
  judged: "judged",
};
