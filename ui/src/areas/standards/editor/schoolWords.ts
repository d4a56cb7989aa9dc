import { createContext, use } from "react";

interface Named {
  id: string;
  title?: string;
}

export interface SchoolWords {
  /** What the school says for a text of the draft. */
  say: (text: string) => string;
  nameOf: (named: Named) => string;
}

export const schoolWords = (said: Record<string, string>): SchoolWords => {
  const say = (text: string): string => said[text] ?? text;

  return { say, nameOf: ({ id, title }) => say(title ?? id) };
};

/** A draft is written in the words of the book, and read in those of the school. */
export const SchoolWordsContext = createContext(schoolWords({}));

export const useSchoolWords = (): SchoolWords => use(SchoolWordsContext);
