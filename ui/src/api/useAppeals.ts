import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { askAgain, tell } from "./askAgain";
import { answer, api } from "./client";
import type { Appeals, AppealOutcome } from "./types";
import { useWriteOnce } from "./useWriteOnce";

const keyOf = (attempt: string) => ["appeals", attempt];

/** What was appealed against in this result, and until when may one appeal? */
export function useAppeals(attempt: string, isAsked = true) {
  return useQuery({
    queryKey: keyOf(attempt),
    enabled: isAsked,
    refetchOnMount: "always",
    queryFn: () => answer(api.GET("/attempts/{attempt}/appeals", { params: { path: { attempt } } })),
  });
}

/** Keeps what the server says of the appeals now; what waits on the Bench may be another. */
function useKept(attempt: string) {
  const queries = useQueryClient();

  return async (appeals: Appeals): Promise<void> => {
    await tell(queries, keyOf(attempt), appeals);
    void askAgain(queries, ["bench"]);
  };
}

/** Appeals; the id is made once, so that it may be sent again. */
export function useMakeAppeal(attempt: string) {
  const onSuccess = useKept(attempt);

  return useMutation({
    onSuccess,
    mutationFn: ({ id, ...body }: { id: string; version: number; lines: { reason: number; why: string }[] }) =>
      answer(api.PUT("/attempts/{attempt}/appeals/{appeal}", { params: { path: { attempt, appeal: id } }, body })),
  });
}

export function useAssignAppeal(attempt: string) {
  const onSuccess = useKept(attempt);

  return useWriteOnce(
    ({ appeal, person }: { appeal: string; person: string }, entry) =>
      answer(api.PUT("/appeals/{appeal}/assignee/{entry}", { params: { path: { appeal, entry } }, body: { person } })),
    { onSuccess },
  );
}

export function useDecideAppeal(attempt: string) {
  const onSuccess = useKept(attempt);

  return useWriteOnce(
    ({ appeal, ...body }: { appeal: string; line: number; outcome: AppealOutcome; reason: string }, entry) =>
      answer(api.PUT("/appeals/{appeal}/decisions/{entry}", { params: { path: { appeal, entry } }, body })),
    { onSuccess },
  );
}
