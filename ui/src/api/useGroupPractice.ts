import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { askAgain } from "./askAgain";
import { answer, api } from "./client";
import type { Homework } from "./types";
import { useWriteOnce } from "./useWriteOnce";

const groupPracticeKey = (group: string) => ["group-practice", group];

/** What does this group practise, and what does it lose points at? */
export function useGroupPractice(group: string) {
  return useQuery({
    queryKey: groupPracticeKey(group),
    queryFn: () => answer(api.GET("/groups/{group}/practice", { params: { path: { group } } })),
  });
}

/** Sets what a group is to practise. */
export function useSetHomework(group: string) {
  const queries = useQueryClient();

  return useWriteOnce(
    (body: Pick<Homework, "standard" | "kind" | "until" | "note">, id) =>
      answer(api.PUT("/groups/{group}/homework/{id}", { params: { path: { group, id } }, body })),
    { onSuccess: () => askAgain(queries, groupPracticeKey(group)) },
  );
}

/** Takes back what was set. */
export function useTakeBackHomework(group: string) {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (id: string) => answer(api.DELETE("/groups/{group}/homework/{id}", { params: { path: { group, id } } })),
    onSuccess: () => askAgain(queries, groupPracticeKey(group)),
  });
}
