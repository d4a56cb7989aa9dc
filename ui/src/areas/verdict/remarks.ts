import type { VerdictPage } from "../../api/types";

const causes = { critical: "a critical fault was marked", resit: "this is a resit", over_limit: "the clock ran past its limit" };

const rules: Record<string, string> = {
  benefit: "the benefit of the doubt on every weight",
  simple: "every weight taken as read",
  strict: "the doubt counted against every weight",
};

export const capsInWords = ({ result, policy }: VerdictPage): string[] =>
  result.caps.map(
    (cause) => `The total cannot be over ${policy.caps.find((it) => it.when === cause)?.max ?? "its cap"}, because ${causes[cause]}.`,
  );

/** What small thing would have put the attempt into another band. */
export const borderlineInWords = (page: VerdictPage): string[] =>
  page.result.borderline.map(({ cause, band }) => `Borderline: ${causeInWords(cause, page)} would make it ${band}.`);

function causeInWords(cause: string, { standard }: VerdictPage): string {
  const [what, rest = ""] = [cause.slice(0, cause.indexOf(":")), cause.slice(cause.indexOf(":") + 1)];
  if (what === "decision") return rules[rest] ?? rest;
  const criterion = standard.criteria?.find((it) => it.id === rest.slice(0, -2));

  return `one step ${rest.endsWith("+1") ? "up" : "down"} on “${criterion?.title ?? rest.slice(0, -2)}”`;
}
