import { usePolicy } from "../../../api/usePolicy";

export const MEASURED = ["portion", "pairs", "yield", "frame", "time"];

/** The components of the school policy that are judged by looking, to sort criteria and faults under. */
export function useJudged(): { key: string; title: string }[] {
  const { data } = usePolicy();

  return (data?.said.components ?? []).filter((it) => !MEASURED.includes(it.id)).map((it) => ({ key: it.id, title: it.title ?? it.id }));
}

/** The components to pick from: those of the policy, and the one that is named already. */
export const withNamed = (judged: { key: string; title: string }[], named: string): { key: string; title: string }[] =>
  judged.some((it) => it.key === named) ? judged : [...judged, { key: named, title: named }];
