import { useQuery, useQueryClient, type Query, type QueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { askAgain, tell } from "./askAgain";
import { answer, api } from "./client";
import { Problem } from "./problem";
import { sessionKey } from "./useSession";
import type { School, SchoolChoice } from "./types";

const schoolKey = ["school"];

/** What does the school call things, weigh in, and teach? */
export function useSchool() {
  return useQuery({ queryKey: schoolKey, queryFn: () => answer(api.GET("/school")) });
}

/** A change of what the school has chosen: only what it names changes; null is what the book says. */
export interface SchoolPatch {
  name?: string;
  currency?: string;
  units?: School["units"];
  time_zone?: string;
  practice?: School["practice"];
  words?: Record<string, string | null>;
  variants?: Record<string, string | null>;
  /** The school's words by those of the book. */
  own?: Record<string, string | null>;
}

interface SchoolChanges {
  /** The school with the changes that are on their way. */
  school: School;
  isBusy: boolean;
  /** What became of the last change; null before the first. */
  outcome: { isKept: boolean; words: string } | null;
  choose: (patch: SchoolPatch) => void;
}

/** Changes of the school, sent one after the other in the order they were made, each on the version before it. */
export function useSchoolChanges(server: School): SchoolChanges {
  const queries = useQueryClient();
  const line = useRef<Promise<void>>(Promise.resolve());
  const [waiting, setWaiting] = useState<SchoolPatch[]>([]);
  const [outcome, setOutcome] = useState<SchoolChanges["outcome"]>(null);
  const choose = (patch: SchoolPatch): void => {
    setWaiting((before) => [...before, patch]);
    line.current = line.current.then(async () => {
      const told = await send(queries, patch);
      setOutcome(told);
      setWaiting((before) => before.filter((it) => it !== patch));
    });
  };

  return { school: waiting.reduce(withPatch, server), isBusy: waiting.length > 0, outcome, choose };
}

/** What somebody else chose meanwhile is read, and the change is made to that; where both mean the same thing, the other's stays and is told. */
async function send(queries: QueryClient, patch: SchoolPatch): Promise<NonNullable<SchoolChanges["outcome"]>> {
  for (;;) {
    const version = queries.getQueryData<School>(schoolKey)?.version ?? 0;
    try {
      const chosen = await answer(api.PATCH("/school", { params: { header: { "If-Match": `"${version}"` } }, body: patch }));
      await tell(queries, schoolKey, chosen);
      // Every answer is worded anew. What a page shows, or waits for, is asked again: taken away under the page, it would never be answered.
      queries.removeQueries({ type: "inactive", predicate: isWorded });
      void askAgain(queries, { type: "active", predicate: isWorded });
      await askAgain(queries, sessionKey);

      return { isKept: true, words: "Chosen. Every screen and print follows." };
    } catch (problem) {
      if (!(problem instanceof Problem)) return { isKept: false, words: "The server does not answer; the last choice was not kept." };
      if (problem.status !== 412) return { isKept: false, words: problem.detail };
      await tell(queries, schoolKey, await answer(api.GET("/school")));
      if (keysOf(patch).some((key) => key in problem.changed)) return { isKept: false, words: problem.detail };
    }
  }
}

const isWorded = ({ queryKey: [what] }: Query): boolean => what !== schoolKey[0] && what !== sessionKey[0];

const keysOf = (patch: SchoolPatch): string[] =>
  Object.entries(patch).flatMap(([key, value]) =>
    typeof value === "string" ? [key] : Object.keys(value as Record<string, string | null>).map((name) => `${key}.${name}`),
  );

function withPatch(school: School, { name, currency, units, time_zone, words, variants, own }: SchoolPatch): School {
  return {
    ...school,
    name: name ?? school.name,
    currency: currency ?? school.currency,
    units: units ?? school.units,
    time_zone: time_zone ?? school.time_zone,
    words: withChoices(school.words, words),
    variants: withChoices(school.variants, variants),
    own: [
      ...school.own.filter((it) => own === undefined || !(it.book in own)),
      ...Object.entries(own ?? {}).flatMap(([book, said]) => (said === null ? [] : [{ book, school: said }])),
    ],
  };
}

const withChoices = (choices: SchoolChoice[], changed: Record<string, string | null> = {}): SchoolChoice[] =>
  choices.map((it) => (it.key in changed ? { ...it, chosen: changed[it.key] ?? it.options[0]?.key ?? it.chosen } : it));
