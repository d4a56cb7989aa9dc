import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { tell } from "./askAgain";
import { answer, api } from "./client";
import type { paths } from "./schema";
import type { Start } from "./types";
import { useBecome } from "./useSession";

const startKey = ["start"];

/** Does the school still wait for its first coordinator? */
export function useStart() {
  return useQuery({ queryKey: startKey, queryFn: () => answer(api.GET("/start")), staleTime: Infinity });
}

type FirstCoordinator = paths["/start"]["post"]["requestBody"]["content"]["application/json"];

/** Makes the first coordinator, and signs them in. */
export function useFound() {
  const queries = useQueryClient();
  const become = useBecome();

  return useMutation({
    mutationFn: (body: FirstCoordinator) => answer(api.POST("/start", { body })),
    onSuccess: (user) => {
      const start = queries.getQueryData<Start>(startKey);
      if (start !== undefined) void tell(queries, startKey, { ...start, is_empty: false });
      become(user);
    },
  });
}
