import { useQuery } from "@tanstack/react-query";
import { answer, api } from "./client";

export const trayKey = (attempt: string) => ["tray", attempt];

/** How does this tray stand? */
export function useTray(attempt: string) {
  return useQuery({ queryKey: trayKey(attempt), queryFn: () => answer(api.GET("/attempts/{attempt}", { params: { path: { attempt } } })) });
}
