import type { Group, Student } from "../../../ui/src/api/types";
import { ID } from "./addresses";

export const OTHER = "0190f5a0-0000-7000-8000-000000000002";

export const sandpiper: Group = { id: ID, course: "Larder 2", name: "Sandpiper", term: "", starts_on: null, ends_on: null, students: 1 };

export const amina: Student = {
  id: OTHER,
  name: "Amina Haddad",
  family_name: "Haddad",
  number: "7",
  email: null,
  group: ID,
  group_name: "Sandpiper",
  barred: [],
  accommodations: [],
  time_factor: 1,
  has_account: true,
  left_at: null,
};
