import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api } from "./client";
import { sessionKey } from "./useSession";
import type { House, HouseChoice } from "./types";

/** What does the school call things, weigh in, and teach? */
export function useHouse() {
  return useQuery({ queryKey: ["house"], queryFn: () => answer(api.GET("/house")) });
}

/** Chooses for the house. Every answer is worded anew after it, so everything that was asked before is asked again. */
export function useSetHouse() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (house: House) => answer(api.PUT("/house", { body: choicesOf(house) })),
    onMutate: (house) => queries.setQueryData(["house"], house),
    onSuccess: async () => {
      queries.removeQueries({ predicate: ({ queryKey: [what] }) => what !== "house" && what !== sessionKey[0] });
      await queries.invalidateQueries();
    },
    onError: () => queries.invalidateQueries({ queryKey: ["house"] }),
  });
}

/** Where the book is followed, nothing is chosen: what it says later holds. */
const choicesOf = ({ units, words, schools, own }: House) => ({ units, words: ownChoices(words), schools: ownChoices(schools), own });

const ownChoices = (choices: HouseChoice[]): Record<string, string> =>
  Object.fromEntries(choices.filter((it) => it.chosen !== it.options[0]?.key).map((it) => [it.key, it.chosen]));
