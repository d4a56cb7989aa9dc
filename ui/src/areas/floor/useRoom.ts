import type { Floor } from "../../api/types";
import { useWaiting } from "../../offline/useWaiting";
import { withCaptures } from "./withCaptures";

/** The room as this device knows it: what the server said of it, and over that what waits here. */
export function useRoom(server: Floor): Floor {
  const waiting = useWaiting();

  return withCaptures(
    server,
    waiting.filter((it) => it.refusal === null),
  );
}
