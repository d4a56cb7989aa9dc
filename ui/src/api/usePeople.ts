import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { askAgain } from "./askAgain";
import { answer, api } from "./client";

const peopleKey = ["people"];
const changesKey = ["changes"];

/** Who works at the school, or did? */
export function usePeople() {
  return useQuery({ queryKey: peopleKey, queryFn: () => answer(api.GET("/people")) });
}

/** What was changed by whom? The last first, page by page. */
export function useChanges() {
  return useInfiniteQuery({
    queryKey: changesKey,
    queryFn: ({ pageParam }) => answer(api.GET("/changes", { params: { query: pageParam === null ? {} : { before: pageParam } } })),
    initialPageParam: null as number | null,
    getNextPageParam: (page) => page.before,
  });
}

export type StaffRole = "instructor" | "assessor" | "coordinator";

export function useInvite() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (body: { name: string; email: string; role: StaffRole }) => answer(api.POST("/people", { body })),
    onSuccess: () => askAgain(queries, peopleKey),
  });
}

export function useIssueCode() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (person: string) => answer(api.POST("/people/{person}/code", { params: { path: { person } } })),
    onSuccess: () => askAgain(queries, peopleKey),
  });
}

export interface PersonChange {
  name?: string;
  email?: string;
  role?: StaffRole;
  in_training?: boolean;
  left?: boolean;
}

/** Changes only what is named. */
export function useChangePerson(person: string) {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (body: PersonChange) => answer(api.PATCH("/people/{person}", { params: { path: { person } }, body })),
    onSuccess: () => askAgain(queries, peopleKey),
  });
}
