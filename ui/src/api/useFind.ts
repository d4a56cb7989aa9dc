import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { answer, api } from "./client";

/** Which practicals, students and standards have these words in their names? */
export function useFind(text: string) {
  return useQuery({
    queryKey: ["find", text],
    enabled: text !== "",
    placeholderData: keepPreviousData,
    queryFn: () => answer(api.GET("/find", { params: { query: { text } } })),
  });
}
