import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { askAgain, tell } from "./askAgain";
import { answer, api } from "./client";
import { listen } from "./live";
import type { Called } from "./types";
import { useWriteOnce } from "./useWriteOnce";

const calledKey = (card: string) => ["called", card];

/** Where nothing is pushed: often enough that screens follow within a second. */
const LOOK_EVERY_MS = 700;

/** Where it is: for what was lost on the way. */
const LOOK_SELDOM_MS = 15_000;

const LOOK_FOR_CALLS_MS = 5_000;

/** What is called now? */
export function useCalledNow() {
  return useQuery({ queryKey: ["called"], queryFn: () => answer(api.GET("/called")), refetchInterval: LOOK_FOR_CALLS_MS, retry: false });
}

/** Where does the card stand that is called? Followed as it is pushed, or asked for where nothing is. */
export function useCalled(card: string) {
  const queries = useQueryClient();
  const [isHeard, setHeard] = useState(false);
  useEffect(() => {
    const ask = (): void => void askAgain(queries, calledKey(card));

    return listen(`/live/called/${card}`, {
      events: { stands: ask },
      onHeard: (isOpen) => {
        setHeard(isOpen);
        // What came before it was open was not heard.
        if (isOpen) ask();
      },
    });
  }, [queries, card]);

  return useQuery({
    queryKey: calledKey(card),
    queryFn: () => answer(api.GET("/called/{called}", { params: { path: { called: card } } })),
    refetchInterval: isHeard ? LOOK_SELDOM_MS : LOOK_EVERY_MS,
    staleTime: 0,
  });
}

/** Begins to call the method card of a standard; answers with what is called. */
export function useCall() {
  const queries = useQueryClient();

  return useWriteOnce(
    (body: { standard: string; group: string | null }, id) => answer(api.PUT("/called/{id}", { params: { path: { id } }, body })),
    { onSuccess: (called) => tell(queries, calledKey(called.id), called) },
  );
}

export interface Said {
  kind: "step" | "ended" | "joined" | "done" | "help";
  step?: number;
}

/** Goes to a step, ends it, joins in, is done with a step or needs help at it. */
export function useSay(card: string) {
  const queries = useQueryClient();

  return useWriteOnce(
    (said: Said, entry) => answer(api.PUT("/called/{called}/entries/{entry}", { params: { path: { called: card, entry } }, body: said })),
    {
      // Who is cut off for a moment joins in, and asks for help, when the network is back.
      networkMode: "online",
      // A second tap goes on from the first, before it is answered.
      onMutate: ({ kind, step }) =>
        kind === "step" &&
        queries.setQueryData(calledKey(card), (before: Called | undefined) => before && { ...before, step: step ?? before.step }),
      onSuccess: (called) => tell(queries, calledKey(card), called),
      onError: () => askAgain(queries, calledKey(card)),
    },
  );
}
