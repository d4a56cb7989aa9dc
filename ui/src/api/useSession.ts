import { useMutation, useQuery, useQueryClient, type QueryClient } from "@tanstack/react-query";
import { createContext, use } from "react";
import { answer, api } from "./client";
import { Problem } from "./problem";
import { markLeft, isLeaving, keepPerson, lastPerson, leaveLater } from "../offline/person";
import type { User } from "./types";

export const sessionKey = ["session"];

/** Who is signed in? Null where nobody is. */
export function useSession() {
  return useQuery({
    queryKey: sessionKey,
    staleTime: Infinity,
    networkMode: "always",
    queryFn: async (): Promise<User | null> => {
      try {
        if (isLeaving()) await leave();
        const user = await answer(api.GET("/session"));
        await keepPerson(user);

        return user;
      } catch (problem) {
        if (problem instanceof Problem && problem.status === 401) {
          await keepPerson(null);

          return null;
        }
        // Without a network it is still the tablet of whoever signed in last.
        if (isLeaving()) return null;
        const last = problem instanceof Problem ? null : lastPerson();
        if (last !== null) return last;
        throw problem;
      }
    },
  });
}

/**
 * Who is signed in, as the shell last showed it. Asked of the query itself, an area would hear that a session has ended before the shell takes the area
 * away.
 */
export const UserContext = createContext<User | null>(null);

/** Who is signed in, inside areas that only show when somebody is. */
export function useUser(): User {
  const user = use(UserContext);
  if (user === null) throw new Error("nobody is signed in here");

  return user;
}

/** What one person was shown is not for the next. */
function becomes(queries: QueryClient, user: User | null): void {
  void keepPerson(user);
  queries.removeQueries({ predicate: (query) => query.queryKey[0] !== sessionKey[0] });
  queries.setQueryData(sessionKey, user);
}

/** Takes over what the server said of who is signed in now; null where nobody is. */
export function useBecome(): (user: User | null) => void {
  const queries = useQueryClient();

  return (user) => {
    markLeft();
    becomes(queries, user);
  };
}

export function useSignIn() {
  const become = useBecome();

  return useMutation({
    mutationFn: (body: { email: string; password: string }) => answer(api.POST("/session", { body })),
    onSuccess: become,
  });
}

/** Signs out; that somebody leaves is kept first, so that a page closed at once is not found signed in again. */
async function leave(): Promise<void> {
  leaveLater();
  try {
    await answer(api.DELETE("/session"));
  } catch (problem) {
    if (!(problem instanceof Problem)) throw problem;
    if (problem.status !== 401) {
      markLeft();
      throw problem;
    }
  }
  markLeft();
}

export function useSignOut() {
  const queries = useQueryClient();

  return useMutation({
    networkMode: "always",
    mutationFn: leave,
    onSuccess: () => becomes(queries, null),
    onError: (problem) => {
      if (!(problem instanceof Problem)) becomes(queries, null);
    },
  });
}
