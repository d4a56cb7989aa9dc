import { waitFor } from "@testing-library/react";
import { expect } from "vitest";
import type { Floor, FloorStation } from "../../../ui/src/api/types";
import { store } from "../../../ui/src/offline/store";
import { like } from "./kitchen";

const attemptOf = (station: number): string => `0190f5a0-0000-7000-8000-0000000001${String(station).padStart(2, "0")}`;

/** A station nobody has looked at. */
export const station = (number: number, said: Partial<FloorStation> = {}): FloorStation => ({
  attempt: attemptOf(number),
  station: number,
  student: `Student ${number}`,
  wave: 1,
  pan: null,
  time_factor: 1,
  stage: "waiting",
  running_ms: 0,
  running_since_ms: null,
  presented: false,
  splits: [],
  mise_looked: false,
  mise_open: [],
  look_not: null,
  core_c: null,
  received_mg: null,
  tag: null,
  defects: [],
  refused: 0,
  cold_ms: 0,
  cold_since_ms: null,
  last: [],
  missing: [],
  incidents: 0,
  queued_since_ms: null,
  started_ms: null,
  gate: null,
  weighed: false,
  facts: [],
  seq: 1,
  ...said,
});

/** A room of chicken in pieces with these stations in one row. */
export const room = (stations: FloorStation[], said: Partial<Floor> = {}): Floor =>
  like<Floor>("GET /assessments/{assessment}/floor", {
    assessment: "0190f5a0-0000-7000-8000-000000000100",
    title: "Eight pieces",
    room: "Larder",
    is_rehearsal: false,
    cancelled: null,
    assessors: [],
    product: "poultry",
    time: null,
    cold_limit_ms: 3_600_000,
    wave_gap_ms: 0,
    rows: [stations.map((it) => it.station)],
    stations,
    mise: [
      { id: "board", title: "Board on a damp cloth", is_safety: true },
      { id: "towel", title: "Towels", is_safety: false },
      { id: "bin", title: "Bin for trim", is_safety: false },
    ],
    marks: [
      { id: "joint-missed", title: "Joint missed", group: "technique", critical: false, count: 4 },
      { id: "floor", title: "Piece dropped", group: "sanitation", critical: true, count: 1 },
    ],
    praise: ["Clean board"],
    checkpoints: [],
    pieces: [
      { id: "leg.left", title: "Left leg" },
      { id: "wing.left", title: "Left wing" },
    ],
    defects: [
      { id: "torn", title: "Skin torn" },
      { id: "broken", title: "Bone broken" },
    ],
    scale_is_simulated: false,
    scale_check: null,
    receiving: [
      { id: "cold", title: "Cold to the touch", otherwise: "Warm to the touch", refuses: true, defects: [] },
      { id: "whole", title: "Skin whole", otherwise: "Skin torn on arrival", refuses: false, defects: ["torn"] },
    ],
    warmest_core_c: 5,
    ...said,
  });

/** The facts this device took down, in order; the server has none of them. */
export const taken = async (): Promise<object[]> =>
  (await store.waiting.orderBy("order").toArray()).map(({ capture }) =>
    Object.fromEntries(Object.entries(capture).filter(([key]) => key !== "id" && key !== "at")),
  );

export const areTaken = (facts: object[]): Promise<void> => waitFor(async () => expect(await taken()).toEqual(facts));
