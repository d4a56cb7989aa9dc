import type { StaffRole } from "../../api/usePeople";

/** What each role may do, as it is offered. */
export const roles: { key: StaffRole; title: string; may: string }[] = [
  { key: "instructor", title: "Instructor", may: "Plans practicals, weighs, inspects, publishes standards, releases results" },
  { key: "assessor", title: "Assessor", may: "Weighs and inspects" },
  { key: "coordinator", title: "Coordinator", may: "Sees every result and its log, sets terms, keeps people and the roster" },
];

export const roleTitle = (role: string): string => roles.find((it) => it.key === role)?.title ?? role;
