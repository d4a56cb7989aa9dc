import { useNews } from "../../api/useFloor";
import type { Floor } from "../../api/types";
import { useWaiting } from "../../offline/useWaiting";
import { withCaptures } from "./withCaptures";

/** The room as this device knows it: what the server said of the whole, over it what the cursor has told since, and over that what waits here. */
export function useRoom(server: Floor): Floor {
  const waiting = useWaiting().filter((it) => it.refusal === null);
  const news = useNews(server.assessment).filter((it) => it.seq > server.seq);
  const told = new Set(news.map((it) => it.capture.id));

  return withCaptures(server, [...news, ...waiting.filter((it) => !told.has(it.capture.id))]);
}
