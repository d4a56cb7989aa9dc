import { useQuery, useQueryClient } from "@tanstack/react-query";
import { askAgain, tell } from "./askAgain";
import { answer, api } from "./client";
import { practiceKey } from "./usePractice";
import { useWriteOnce } from "./useWriteOnce";

const writtenKey = (attempt: string) => ["written", attempt];

/** What does my practical ask for in writing, and what did I hand in? */
export function useWritten(attempt: string) {
  return useQuery({
    queryKey: writtenKey(attempt),
    queryFn: () => answer(api.GET("/attempts/{attempt}/answers", { params: { path: { attempt } } })),
  });
}

/** Hands an answer in. */
export function useHandIn(attempt: string) {
  const queries = useQueryClient();

  return useWriteOnce(
    (said: { criterion: string; text: string }, id) =>
      answer(api.POST("/attempts/{attempt}/answers", { params: { path: { attempt } }, body: { answers: [{ id, ...said }] } })),
    {
      onSuccess: async (written) => {
        await tell(queries, writtenKey(attempt), written);
        void askAgain(queries, { queryKey: practiceKey, exact: true });
      },
    },
  );
}
