import type { Assessment, FloorStation } from "../api/types";

export type MiseItem = Assessment["mise"][number];

/** Why a clock may not be set running without a reason. */
export type Gate = NonNullable<FloorStation["gate"]>;

/** The items a gate names. */
export const itemsOf = (gate: Gate, mise: MiseItem[]): MiseItem[] => mise.filter((it) => gate.open.includes(it.id));
