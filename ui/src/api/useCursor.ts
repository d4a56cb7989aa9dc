import { useQuery, useQueryClient, type QueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { askAgain } from "./askAgain";
import { measured } from "../offline/clock";
import { answer, api } from "./client";
import { listen } from "./live";
import type { News, PushedNews, Tray } from "./types";
import { floorKey, tellStations } from "./useFloor";
import { trayKey } from "./useTray";

const cursorKey = (assessment: string) => ["cursor", assessment];

/** Where nothing is pushed: often enough that everyone's screen follows within a second. */
const LOOK_EVERY_MS = 700;

/** Where it is: for who left without a word, and for the clock. */
const LOOK_SELDOM_MS = 15_000;

/** What comes at once is fetched at once. */
const GATHER_MS = 40;

/** Stations come with the news; the whole room, with the order of its marks, is asked for no more often than this. */
const ROOM_EVERY_MS = 10_000;

/** What is new in the class? It is told, and whatever screen shows it is asked for again; and the device's clock is held against the server's. */
export function useCursor(assessment = "") {
  const queries = useQueryClient();
  /** The seq up to which everything is known here; null before the first answer. */
  const after = useRef<number | null>(null);
  const askForRoom = useRoomSoon(assessment);
  const hear = ({ captures, stations }: Pick<News, "captures" | "stations">): void => {
    if (captures.length === 0) return;
    tellStations(queries, assessment, stations);
    askForRoom();
    for (const { attempt, capture } of captures) if (!isShown(queries, attempt, capture.id)) void askAgain(queries, trayKey(attempt));
  };
  const isPushed = usePushed(assessment, (news) => {
    if (after.current === null || after.current >= news.seq) return true;
    if (news.station === null || news.before !== after.current) return false;
    after.current = news.seq;
    hear({ captures: news.captures, stations: [news.station] });

    return true;
  });
  useEffect(
    () => () => {
      after.current = null;
    },
    [assessment],
  );

  return useQuery({
    queryKey: cursorKey(assessment),
    enabled: assessment !== "",
    refetchInterval: isPushed ? LOOK_SELDOM_MS : LOOK_EVERY_MS,
    staleTime: 0,
    gcTime: 0,
    retry: false,
    queryFn: async () => {
      const asked = Date.now();
      const query = after.current === null ? {} : { after: after.current };
      const news = await answer(api.GET("/assessments/{assessment}/captures", { params: { path: { assessment }, query } }));
      measured(news.now_ms, asked, Date.now());
      after.current = Math.max(after.current ?? 0, news.next);
      hear(news);

      return news;
    },
  });
}

/** The answer to what was taken down here has shown it already. */
const isShown = (queries: QueryClient, attempt: string, capture: string): boolean =>
  queries.getQueryData<Tray>(trayKey(attempt))?.log.some((it) => it.entry.capture.id === capture) ?? false;

/**
 * Listens to what is pushed of a class; true while it can be heard.
 *
 * @param onNews whether it could go on from there; where not, what is new is fetched
 */
function usePushed(assessment: string, onNews: (news: PushedNews) => boolean): boolean {
  const queries = useQueryClient();
  const [isHeard, setHeard] = useState(false);
  const taking = useRef(onNews);
  useEffect(() => {
    taking.current = onNews;
  });
  useEffect(() => {
    if (assessment === "") return;
    let soon: ReturnType<typeof setTimeout> | undefined;
    const fetchNews = (): void => {
      soon ??= setTimeout(() => {
        soon = undefined;
        void askAgain(queries, cursorKey(assessment));
      }, GATHER_MS);
    };
    const stop = listen(`/live/class/${assessment}`, {
      events: { stands: (said) => taking.current(said as PushedNews) || fetchNews(), presence: fetchNews },
      onHeard: (isOpen) => {
        setHeard(isOpen);
        // What came before it was open was not heard.
        if (isOpen) fetchNews();
      },
    });

    return () => {
      stop();
      clearTimeout(soon);
      setHeard(false);
    };
  }, [queries, assessment]);

  return isHeard;
}

/** Asks for the whole room a while after the first of several news. */
function useRoomSoon(assessment: string): () => void {
  const queries = useQueryClient();
  const due = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  const ask = (): void => {
    due.current = undefined;
    void askAgain(queries, floorKey(assessment));
  };
  useEffect(
    () => () => {
      if (due.current === undefined) return;
      clearTimeout(due.current);
      due.current = undefined;
      void askAgain(queries, floorKey(assessment));
    },
    [queries, assessment],
  );

  return () => {
    due.current ??= setTimeout(ask, ROOM_EVERY_MS);
  };
}
