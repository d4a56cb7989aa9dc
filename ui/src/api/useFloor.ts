import { skipToken, useMutation, useQuery, useQueryClient, type QueryClient } from "@tanstack/react-query";
import { useEffect, useRef } from "react";
import { measured } from "../offline/clock";
import { answer, api } from "./client";
import { device } from "./device";
import type { Floor, News } from "./types";

const floorKey = (assessment: string) => ["floor", assessment];

/** How does the room stand? */
export function useFloor(assessment: string | undefined) {
  return useQuery({
    queryKey: floorKey(assessment ?? ""),
    enabled: assessment !== undefined,
    queryFn: () => answer(api.GET("/assessments/{assessment}/floor", { params: { path: { assessment: assessment ?? "" } } })),
  });
}

const newsKey = (assessment: string) => ["news", assessment];
const noNews: News[] = [];
const MOST_NEWS = 500;

/** What was taken down in a class that its room, as last answered, does not know of. */
export function useNews(assessment: string): News[] {
  return useQuery<News[]>({ queryKey: newsKey(assessment), queryFn: skipToken, staleTime: Infinity }).data ?? noNews;
}

/** Tells whoever draws the room what was taken down. */
export function tellNews(queries: QueryClient, assessment: string, news: News[]): void {
  const room = queries.getQueryData<Floor>(floorKey(assessment));
  queries.setQueryData<News[]>(newsKey(assessment), (told = noNews) => {
    const known = new Set(told.map((it) => it.seq));

    return [...told, ...news.filter((it) => !known.has(it.seq))].filter((it) => it.seq > (room?.seq ?? 0)).slice(-MOST_NEWS);
  });
}

/** Often enough that everyone's screen follows within a second. */
const LOOK_EVERY_MS = 700;

/** The room is drawn from the news at once; the whole of it is asked for no more often than this, or four tablets would ask for little else. */
const ROOM_EVERY_MS = 2_000;

/** What is new in the class? It is told, and whatever screen shows it is asked for again; and the device's clock is held against the server's. */
export function useCursor(assessment: string | undefined) {
  const queries = useQueryClient();
  const after = useRef<number | null>(null);
  const due = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  useEffect(
    () => () => {
      if (due.current === undefined) return;
      clearTimeout(due.current);
      due.current = undefined;
      void queries.invalidateQueries({ queryKey: floorKey(assessment ?? "") });
    },
    [queries, assessment],
  );
  const askForRoom = (): void => {
    due.current ??= setTimeout(() => {
      due.current = undefined;
      void queries.invalidateQueries({ queryKey: floorKey(assessment ?? "") });
    }, ROOM_EVERY_MS);
  };

  return useQuery({
    queryKey: ["cursor", assessment],
    enabled: assessment !== undefined,
    refetchInterval: LOOK_EVERY_MS,
    staleTime: 0,
    gcTime: 0,
    retry: false,
    queryFn: async () => {
      const asked = Date.now();
      const query = after.current === null ? {} : { after: after.current };
      const news = await answer(
        api.GET("/assessments/{assessment}/captures", { params: { path: { assessment: assessment ?? "" }, query } }),
      );
      measured(news.now_ms, asked, Date.now());
      after.current = news.next;
      if (news.captures.length > 0) {
        tellNews(queries, assessment ?? "", news.captures);
        askForRoom();
        for (const attempt of new Set(news.captures.map((it) => it.attempt)))
          void queries.invalidateQueries({ queryKey: ["tray", attempt] });
      }

      return news;
    },
  });
}

const SAY_EVERY_MS = 8_000;

/** Says which tray this device has open, so that others see it. */
export function usePresence(assessment: string | undefined, attempt: string | null): void {
  useEffect(() => {
    if (assessment === undefined) return;
    const say = (at: string | null): void =>
      void api
        .POST("/assessments/{assessment}/presence", { params: { path: { assessment } }, body: { device: device(), attempt: at } })
        .catch(() => undefined);
    say(attempt);
    const saying = setInterval(() => say(attempt), SAY_EVERY_MS);

    return () => {
      clearInterval(saying);
      say(null);
    };
  }, [assessment, attempt]);
}

export interface RoomPlan {
  rows: number[][];
  /** By station; the first wave where none is named. */
  waves: Record<string, number>;
  wave_gap_ms: number;
}

/** Arranges the room: rows of stations as they stand, and their waves. */
export function useArrange(assessment: string) {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (plan: RoomPlan) => answer(api.PUT("/assessments/{assessment}/room", { params: { path: { assessment } }, body: plan })),
    onSuccess: (floor) => queries.setQueryData(floorKey(assessment), floor),
  });
}
