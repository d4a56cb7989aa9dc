import type { BriefDocument } from "../../api/types";

/** An order as it usually begins (common practice): a tenth to spare, at least one, in cases of six. */
export const usualOrder: BriefDocument["lists"][number]["order"] = {
  specification: "",
  on_hand: 0,
  per_case: 6,
  spare_fraction: 0.1,
  spare_at_least: 1,
  typical_mg: null,
  price: null,
  is_frozen: false,
};

export const emptyList: BriefDocument["lists"][number] = { standard: null, students: [], order: usualOrder };

/** Ten minutes to set a bench up and ten to clean it (common practice); a tray waits six minutes at most, for raw product stands meanwhile. */
export const newBrief: BriefDocument = {
  title: "",
  is_rehearsal: false,
  day: null,
  start: "09:00",
  room: "",
  benches: 12,
  scales: 1,
  waves: 3,
  gap_s: 480,
  mise_s: 600,
  clean_s: 600,
  wait_s: 360,
  lists: [emptyList],
  assessors: [],
  not_by: [],
};
