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

/** What the hour needs: a tray that is tapped on does not wait for its file. */
export const fetchTheHour = (): void => [areas.floor, areas.tray, areas.verdict].forEach((area) => void area().catch(() => undefined));
