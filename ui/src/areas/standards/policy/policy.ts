import type { Policy } from "../../../api/types";
import { MEASURED } from "../editor/useJudged";

export type PolicyComponent = Policy["components"][number];

/** The figures a component has beside its weight: what they are called, and how many of them make one as it is shown. */
const settings: Record<string, { key: string; label: string; times: number }[]> = {
  portion: [{ key: "fade", label: "Taper, half windows", times: 1 }],
  pairs: [
    { key: "tolerance", label: "Free up to, %", times: 100 },
    { key: "fade", label: "Taper, times that", times: 1 },
  ],
  yield: [
    { key: "floor", label: "Nothing at, %", times: 100 },
    { key: "target", label: "Full at, %", times: 100 },
  ],
};

export const settingsOf = (component: PolicyComponent) => settings[component.id] ?? [];

export const isJudged = (component: PolicyComponent): boolean => !MEASURED.includes(component.id);

export const settingOf = (component: PolicyComponent, key: string): number => Number((component as Record<string, unknown>)[key]);

export const withSetting = (component: PolicyComponent, key: string, value: number): PolicyComponent => ({ ...component, [key]: value });

export const wholeWeight = (policy: Policy): number => policy.components.reduce((sum, it) => sum + it.weight, 0);

/** A component that is judged, by the title a person gave it; null where its id is taken or empty. */
export function judgedComponent(title: string, policy: Policy): PolicyComponent | null {
  const id = title
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, "-")
    .replace(/^-|-$/g, "");

  return id === "" || MEASURED.includes(id) || policy.components.some((it) => it.id === id) ? null : { id, title, weight: 5 };
}
