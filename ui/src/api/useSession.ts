import { useMutation, useQuery, useQueryClient, type QueryClient } from "@tanstack/react-query";
import { createContext, use, useEffect } from "react";
import { askAgain } from "./askAgain";
import { answer, api, as } from "./client";
import { Problem } from "./problem";
import { keepPerson, lastPerson, leaveLater, markLeft, onOtherPerson, whoLeaves } from "../offline/person";
import type { User } from "./types";

export const sessionKey = ["session"];

async function nobody(): Promise<null> {
  await keepPerson(null);

  return null;
}

/** Who is signed in? Null where nobody is. */
export function useSession() {
  const queries = useQueryClient();
  useEffect(() => onOtherPerson(() => void askAgain(queries, sessionKey)), [queries]);

  return useQuery({
    queryKey: sessionKey,
    staleTime: Infinity,
    networkMode: "always",
    // The page that says it failed asks for it as well: asked anew whenever that is shown, it would be taken away again.
    retryOnMount: false,
    queryFn: async (): Promise<User | null> => {
      try {
        const gone = whoLeaves();
        if (gone !== null) await leave(gone);
        const user = (await answer(api.GET("/session"))) ?? null;
        if (user === null) return await nobody();
        // Another tab may have signed somebody else in.
        if (queries.getQueryData<User | null>(sessionKey)?.id !== user.id) forget(queries);
        await keepPerson(user);

        return user;
      } catch (problem) {
        if (problem instanceof Problem && problem.isSignedOut) return await nobody();
        // Without a server it is still the tablet of whoever signed in last.
        if (whoLeaves() !== null) return null;
        const last = problem instanceof Problem && problem.isFinal ? null : lastPerson();
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

/** What is asked by whoever stands at the door: taken away on its way, it would never be answered there. */
const AT_THE_DOOR = new Set<unknown>([...sessionKey, "start"]);

/** What one person was shown is not for the next. */
const forget = (queries: QueryClient): void => queries.removeQueries({ predicate: ({ queryKey }) => !AT_THE_DOOR.has(queryKey[0]) });

function becomes(queries: QueryClient, user: User | null): void {
  void keepPerson(user);
  forget(queries);
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

/** Signs a person out; that they leave is kept first, so that a page closed at once is not found signed in again. Whoever signed in since stays. */
async function leave(person: string): Promise<void> {
  leaveLater(person);
  try {
    await answer(api.DELETE("/session", { headers: as(person) }));
  } catch (problem) {
    if (!(problem instanceof Problem) || !problem.isFinal) throw problem;
    if (!problem.isSignedOut) {
      markLeft();
      throw problem;
    }
  }
  markLeft();
}

export function useSignOut() {
  const queries = useQueryClient();
  const user = use(UserContext);

  return useMutation({
    mutationFn: () => leave(user?.id ?? ""),
    onSuccess: () => becomes(queries, null),
    onError: (problem) => {
      if (!(problem instanceof Problem && problem.isFinal)) becomes(queries, null);
    },
  });
}
