import type { VerdictPage } from "../../api/types";

export interface Remark {
  text: string;
  /** What the text sums up, where there is more to it. */
  items: string[];
}

const causes = { critical: "a critical fault was marked", resit: "this is a resit", over_limit: "the clock ran past its limit" };

const rules: Record<string, string> = {
  benefit: "the benefit of the doubt on every weight",
  simple: "every weight taken as read",
  strict: "the doubt counted against every weight",
};

export const capsInWords = ({ result, policy }: VerdictPage): Remark[] =>
  result.caps.map((cause) => ({
    text: `The total cannot be over ${policy.caps.find((it) => it.when === cause)?.max ?? "its cap"}, because ${causes[cause]}.`,
    items: [],
  }));

/** What small thing would have put the attempt into another band: rules one by one, steps of criteria together. */
export function borderlineInWords(page: VerdictPage): Remark[] {
  const steps = new Map<string, string[]>();
  const remarks: Remark[] = [];
  for (const { cause, band } of page.result.borderline) {
    const [what, rest] = splitOnce(cause);
    if (what === "decision") {
      remarks.push({ text: `Borderline: ${rules[rest] ?? rest} would make it ${band}.`, items: [] });
      continue;
    }
    const key = `${rest.endsWith("+1") ? "up" : "down"} ${band}`;
    steps.set(key, [...(steps.get(key) ?? []), titleOf(rest.slice(0, -2), page)]);
  }
  for (const [key, titles] of steps) {
    const [direction, band] = splitOnce(key, " ");
    const which = titles.length === 1 ? `“${titles[0] ?? ""}”` : `any one of ${titles.length} criteria`;
    remarks.push({
      text: `Borderline: one step ${direction} on ${which} would make it ${band}.`,
      items: titles.length === 1 ? [] : titles,
    });
  }

  return remarks;
}

const titleOf = (criterion: string, { standard }: VerdictPage): string =>
  standard.criteria?.find((it) => it.id === criterion)?.title ?? criterion;

function splitOnce(text: string, at = ":"): [string, string] {
  const index = text.indexOf(at);

  return [text.slice(0, index), text.slice(index + at.length)];
}
