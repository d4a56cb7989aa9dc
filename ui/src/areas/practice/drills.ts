import type { Homework } from "../../api/types";

/** What can be set as homework, as it is said. */
export const drillWords: Record<Homework["kind"], string> = {
  card: "Follow the card",
  questions: "Ten questions",
  tray: "Log a practice tray",
};

/** Where it is done. */
export const drillAddress = ({ kind, standard }: Pick<Homework, "kind" | "standard">): string =>
  `/practice/${standard}${{ card: "/follow", questions: "/quiz", tray: "" }[kind]}`;
