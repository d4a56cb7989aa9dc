import type { AppealOutcome } from "../api/types";

/** What may become of a line of an appeal. */
export const outcomes: { key: AppealOutcome; title: string }[] = [
  { key: "upheld", title: "Upheld" },
  { key: "partly", title: "Upheld in part" },
  { key: "not", title: "Not upheld" },
];

export const outcomeTitle = (outcome: AppealOutcome): string => outcomes.find((it) => it.key === outcome)?.title ?? outcome;
