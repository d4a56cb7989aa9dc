import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api } from "./client";
import { sessionKey } from "./useSession";
import type { School, SchoolChoice } from "./types";

/** What does the school call things, weigh in, and teach? */
export function useSchool() {
  return useQuery({ queryKey: ["school"], queryFn: () => answer(api.GET("/school")) });
}

/** Chooses for the school. Every answer is worded anew after it, so everything that was asked before is asked again. */
export function useSetSchool() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (school: School) => answer(api.PUT("/school", { body: choicesOf(school) })),
    onMutate: (school) => queries.setQueryData(["school"], school),
    onSuccess: async () => {
      queries.removeQueries({ predicate: ({ queryKey: [what] }) => what !== "school" && what !== sessionKey[0] });
      await queries.invalidateQueries();
    },
    onError: () => queries.invalidateQueries({ queryKey: ["school"] }),
  });
}

/** Where the book is followed, nothing is chosen: what it says later holds. */
const choicesOf = ({ units, words, variants, own }: School) => ({ units, words: ownChoices(words), variants: ownChoices(variants), own });

const ownChoices = (choices: SchoolChoice[]): Record<string, string> =>
  Object.fromEntries(choices.filter((it) => it.chosen !== it.options[0]?.key).map((it) => [it.key, it.chosen]));
