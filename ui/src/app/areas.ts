import type { User } from "../api/types";

/** The areas of the screen, each a file of its own. */
export const areas = {
  floor: () => import("../areas/floor/pages"),
  tray: () => import("../areas/tray/pages"),
  verdict: () => import("../areas/verdict/pages"),
  standards: () => import("../areas/standards/pages"),
  standardsDesk: () => import("../areas/standards/deskPages"),
  brief: () => import("../areas/brief/pages"),
  ledger: () => import("../areas/ledger/pages"),
  moderation: () => import("../areas/moderation/pages"),
  roster: () => import("../areas/roster/pages"),
  practice: () => import("../areas/practice/pages"),
  lookBack: () => import("../areas/look-back/pages"),
  people: () => import("../areas/people/pages"),
};

/** What the hour needs: a tray that is tapped on, a drill or a result does not wait for its file. */
export function fetchTheHour(role: User["role"]): void {
  const needed = role === "student" ? [areas.practice, areas.verdict] : [areas.floor, areas.tray, areas.verdict];
  needed.forEach((area: () => Promise<unknown>) => void area().catch(() => undefined));
}
