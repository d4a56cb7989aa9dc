import type { Allowance } from "../../api/types";

export const allowanceKinds: { key: Allowance["kind"]; title: string }[] = [
  { key: "more_time", title: "More time" },
  { key: "stool", title: "A stool" },
  { key: "reader", title: "A reader" },
  { key: "large_print", title: "Large print" },
  { key: "supervised", title: "A knife only under supervision" },
  { key: "other", title: "Something else" },
];

/** "more time × 1.25, until 6 March" */
export function allowanceWords({ kind, time_factor: factor, until }: Allowance): string {
  const title = allowanceKinds.find((it) => it.key === kind)?.title ?? kind;
  const what = title.charAt(0).toLowerCase() + title.slice(1);

  return `${what}${factor === null ? "" : ` × ${factor}`}${until === null ? "" : `, until ${until}`}`;
}
