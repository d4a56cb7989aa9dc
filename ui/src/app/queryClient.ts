import { MutationCache, QueryCache, QueryClient } from "@tanstack/react-query";
import { Problem } from "../api/problem";
import { sessionKey } from "../api/useSession";

/** What is asked of the server, and kept of its answers while the screen is open. */
export function makeQueryClient(): QueryClient {
  const onError = (problem: Error): void => {
    if (problem instanceof Problem && problem.isSignedOut) client.setQueryData(sessionKey, null);
  };
  const client = new QueryClient({
    queryCache: new QueryCache({ onError }),
    mutationCache: new MutationCache({ onError }),
    defaultOptions: {
      queries: {
        staleTime: 5_000,
        // A tablet that was put down in the cold room still knows the practical when it is picked up.
        gcTime: 24 * 60 * 60 * 1_000,
        retry: (count, problem) => count < 2 && !(problem instanceof Problem && problem.isFinal),
      },
      // Without a network a change fails at once and says so: held back, it would go up unasked, long after whoever made it went on.
      mutations: { networkMode: "always" },
    },
  });

  return client;
}
