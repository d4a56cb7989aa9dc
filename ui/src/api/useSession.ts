import { useMutation, useQuery, useQueryClient, type QueryClient } from "@tanstack/react-query";
import { answer, api } from "./client";
import { Problem } from "./problem";
import type { User } from "./types";

export const sessionKey = ["session"];

/** Who is signed in? Null where nobody is. */
export function useSession() {
  return useQuery({
    queryKey: sessionKey,
    staleTime: Infinity,
    queryFn: async (): Promise<User | null> => {
      try {
        return await answer(api.GET("/session"));
      } catch (problem) {
        if (problem instanceof Problem && problem.status === 401) return null;
        throw problem;
      }
    },
  });
}

/** Who is signed in, inside areas that only show when somebody is. */
export function useUser(): User {
  const { data } = useSession();
  if (!data) throw new Error("nobody is signed in here");

  return data;
}

/** What one person was shown is not for the next. */
function becomes(queries: QueryClient, user: User | null): void {
  queries.removeQueries({ predicate: (query) => query.queryKey[0] !== sessionKey[0] });
  queries.setQueryData(sessionKey, user);
}

export function useSignIn() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (body: { email: string; password: string }) => answer(api.POST("/session", { body })),
    onSuccess: (user) => becomes(queries, user),
  });
}

export function useSignOut() {
  const queries = useQueryClient();

  return useMutation({ mutationFn: () => answer(api.DELETE("/session")), onSuccess: () => becomes(queries, null) });
}
