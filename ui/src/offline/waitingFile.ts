import { device } from "../api/device";
import { store } from "./store";

/** What one person took down on this device that is not on the server, as JSON: as it would be sent, without photographs. */
export async function waitingFile(user: string): Promise<Blob> {
  const captures = await store.waiting.where("user").equals(user).sortBy("order");
  const lots = await store.lots.where("user").equals(user).sortBy("order");
  const practice = await store.practice.where("user").equals(user).sortBy("order");
  const document = {
    format: "deft-blade.waiting/1",
    device: device(),
    user,
    captures: captures.map(({ attempt, capture, offsetMs, refusal }) => ({ attempt, offset_ms: offsetMs, capture, refusal })),
    practice: practice.map(({ standard, said, offsetMs, refusal }) => ({ standard, offset_ms: offsetMs, ...said, refusal })),
    lots: lots.map(({ facts, offsetMs, words, refusal }) => ({ offset_ms: offsetMs, words, facts, refusal })),
  };

  return new Blob([JSON.stringify(document, null, 2)], { type: "application/json" });
}
