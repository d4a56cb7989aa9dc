import { useMutation } from "@tanstack/react-query";
import { answer, api } from "./client";
import { useBecome } from "./useSession";

/** Changes one's own password; other devices are signed out. */
export function useChangePassword() {
  return useMutation({ mutationFn: (body: { current: string; password: string }) => answer(api.PUT("/account/password", { body })) });
}

export function useSignOutEverywhere() {
  const become = useBecome();

  return useMutation({ mutationFn: () => answer(api.DELETE("/account/sessions")), onSuccess: () => become(null) });
}
