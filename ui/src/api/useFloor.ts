import { useMutation, useQuery, useQueryClient, type QueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { askAgain, tell } from "./askAgain";
import { answer, api } from "./client";
import { device } from "./device";
import type { Floor, FloorStation } from "./types";
import { useWriteOnce } from "./useWriteOnce";

export const floorKey = (assessment: string) => ["floor", assessment];

/** How does the room stand? */
export function useFloor(assessment: string | undefined) {
  const queries = useQueryClient();

  return useQuery({
    queryKey: floorKey(assessment ?? ""),
    enabled: assessment !== undefined,
    queryFn: async () => {
      const room = await answer(api.GET("/assessments/{assessment}/floor", { params: { path: { assessment: assessment ?? "" } } }));

      return withStations(room, queries.getQueryData<Floor>(floorKey(assessment ?? ""))?.stations ?? []);
    },
  });
}

/** A room with stations put in that are newer than its own. */
export function withStations(room: Floor, stations: FloorStation[]): Floor {
  const newer = (it: FloorStation): FloorStation => stations.find((other) => other.attempt === it.attempt && other.seq > it.seq) ?? it;

  return { ...room, stations: room.stations.map(newer) };
}

/** Puts stations as they stand now into the room as it was last answered. */
export function tellStations(queries: QueryClient, assessment: string, stations: FloorStation[]): void {
  queries.setQueryData<Floor>(floorKey(assessment), (room) => room && withStations(room, stations));
}

const SAY_EVERY_MS = 8_000;

/** Says which tray this device has open, so that others see it. */
export function usePresence(assessment: string | undefined, attempt: string | null): void {
  useEffect(() => {
    if (assessment === undefined) return;
    const say = (at: string | null): void =>
      void api
        .POST("/assessments/{assessment}/presence", {
          params: { path: { assessment } },
          body: { device: device(), attempt: at },
          // A page that is closed says so all the same.
          keepalive: true,
        })
        .catch(() => undefined);
    const leave = (): void => say(null);
    say(attempt);
    const saying = setInterval(() => say(attempt), SAY_EVERY_MS);
    window.addEventListener("pagehide", leave);

    return () => {
      clearInterval(saying);
      window.removeEventListener("pagehide", leave);
      leave();
    };
  }, [assessment, attempt]);
}

interface Arrangement {
  rows: number[][];
  /** By station; the first wave where none is named. */
  waves: Record<string, number>;
  wave_gap_ms: number;
}

/** Arranges the room: rows of stations as they stand, and their waves. */
export function useArrange({ assessment, arrangement }: Floor) {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (plan: Arrangement) =>
      answer(
        api.PUT("/assessments/{assessment}/room", {
          params: { path: { assessment }, header: { "If-Match": `"${arrangement}"` } },
          body: plan,
        }),
      ),
    onSuccess: (floor) => tell(queries, floorKey(assessment), floor),
  });
}

/** Keeps what the scale said of a check weight. */
export function useCheckScale(assessment: string) {
  const queries = useQueryClient();

  return useWriteOnce(
    ({ nominalMg, readingMg }: { nominalMg: number; readingMg: number }, check) =>
      answer(
        api.PUT("/assessments/{assessment}/scale-checks/{check}", {
          params: { path: { assessment, check } },
          body: { nominal_mg: nominalMg, reading_mg: readingMg },
        }),
      ),
    {
      onSuccess: async (room) => {
        await tell(queries, floorKey(assessment), room);
        void askAgain(queries, ["tray"]);
      },
    },
  );
}
