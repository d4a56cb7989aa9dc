import type { TrayCard } from "../api/types";

export const stageWords: Record<TrayCard["stage"], string> = {
  waiting: "not received",
  mise: "mise looked at",
  received: "received",
  running: "at work",
  paused: "paused",
  presented: "presented",
  weighing: "on the scale",
  weighed: "weighed, to inspect",
  judged: "judged",
};
