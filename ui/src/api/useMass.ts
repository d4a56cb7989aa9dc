import { useMutation } from "@tanstack/react-query";
import { answer, api } from "./client";

/** How much is "4 lb 3 oz"? */
export function useReadMass() {
  return useMutation({ mutationFn: (text: string) => answer(api.GET("/mass", { params: { query: { text } } })) });
}
