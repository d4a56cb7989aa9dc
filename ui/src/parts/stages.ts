import type { TrayCard } from "../api/types";

export const stageWords: Record<TrayCard["stage"], string> = {
  waiting: "not received",
  received: "received",
  running: "at work",
  presented: "presented",
  weighing: "on the scale",
  weighed: "weighed, to inspect",
  judged: "judged",
};
