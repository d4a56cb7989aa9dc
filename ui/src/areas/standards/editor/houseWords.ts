import { createContext, use } from "react";

interface Named {
  id: string;
  title?: string;
}

export interface HouseWords {
  /** What the house says for a text of the draft. */
  say: (text: string) => string;
  nameOf: (named: Named) => string;
}

export const houseWords = (said: Record<string, string>): HouseWords => {
  const say = (text: string): string => said[text] ?? text;

  return { say, nameOf: ({ id, title }) => say(title ?? id) };
};

/** A draft is written in the words of the book, and read in those of the house. */
export const HouseWordsContext = createContext(houseWords({}));

export const useHouseWords = (): HouseWords => use(HouseWordsContext);
