import { useMutation, useQuery } from "@tanstack/react-query";
import { answer, api } from "./client";
import { useBecome } from "./useSession";

/** Whose code is this? Asked once it is whole. */
export function useCodeOwner(code: string) {
  return useQuery({
    queryKey: ["code", code],
    enabled: code !== "",
    retry: false,
    queryFn: () => answer(api.POST("/code/look", { body: { code } })),
  });
}

/** Sets a password with a code, and signs its person in. */
export function useRedeem() {
  const become = useBecome();

  return useMutation({ mutationFn: (body: { code: string; password: string }) => answer(api.POST("/code", { body })), onSuccess: become });
}
