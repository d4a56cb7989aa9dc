import { keepPreviousData, useMutation, useQuery, useQueryClient, type QueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { v7 as uuid } from "uuid";
import { askAgain } from "./askAgain";
import { answer, api } from "./client";
import type { components } from "./schema";
import type { RosterColumn } from "./types";

const rosterKey = ["roster"];

/** Which groups are there? */
export function useRoster() {
  return useQuery({ queryKey: rosterKey, queryFn: () => answer(api.GET("/roster")) });
}

interface StudentFilter {
  search: string;
  /** Of one group; null for everybody. */
  group: string | null;
  hasLeft: boolean;
  page: number;
}

/** Who is on the roster? A page, by name. */
export function useStudents({ search, group, hasLeft, page }: StudentFilter) {
  return useQuery({
    queryKey: [...rosterKey, "students", search, group, hasLeft, page],
    placeholderData: keepPreviousData,
    queryFn: () =>
      answer(
        api.GET("/students", {
          params: { query: { page, left: hasLeft ? "yes" : "no", ...(search !== "" && { search }), ...(group !== null && { group }) } },
        }),
      ),
  });
}

/** Looks up everybody in a group, when it is asked; of two groups asked for in quick succession both are found. */
export function useStudentsOf(onFound: (students: components["schemas"]["StudentView"][]) => void) {
  return useMutation({ mutationFn: studentsOf, onSuccess: onFound });
}

/** Everybody in a group, by name, however many pages that takes. */
async function studentsOf(group: string): Promise<components["schemas"]["StudentView"][]> {
  const found: components["schemas"]["StudentView"][] = [];
  for (let page = 1; ; page++) {
    const { students, count } = await answer(api.GET("/students", { params: { query: { group, page, left: "no" } } }));
    found.push(...students);
    if (students.length === 0 || found.length >= count) return found;
  }
}

const forget = (queries: QueryClient) => (): Promise<void> => askAgain(queries, rosterKey);

/** What is sent of a roster: a file or pasted cells, and how its columns are read. */
export interface RosterSent {
  file: File | null;
  text: string;
  columns: (RosterColumn | null)[] | null;
  hasHeader: boolean | null;
  course: string;
  group: string;
  term: string;
  only: string[];
}

function formOf({ file, text, columns, hasHeader, only, ...rest }: RosterSent): FormData {
  const form = new FormData();
  if (file === null) form.set("text", text);
  else form.set("file", file);
  if (columns !== null) form.set("columns", JSON.stringify(columns));
  if (hasHeader !== null) form.set("has_header", hasHeader ? "yes" : "no");
  for (const [key, value] of Object.entries(rest)) if (value.trim() !== "") form.set(key, value.trim());
  for (const group of only) form.append("only[]", group);

  return form;
}

const sending = (sent: RosterSent) => ({ body: {} as never, bodySerializer: () => formOf(sent) });

/** What would a file do? Nothing is written. */
export function usePlanRoster() {
  return useMutation({ mutationFn: (sent: RosterSent) => answer(api.POST("/roster/plan", sending(sent))) });
}

export function useImportRoster() {
  const queries = useQueryClient();

  return useMutation({ mutationFn: (sent: RosterSent) => answer(api.POST("/roster/import", sending(sent))), onSuccess: forget(queries) });
}

type GroupSent = components["schemas"]["GroupSent"];

/** Makes a group, or changes the one named. */
export function useKeepGroup(group: string | null) {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (body: GroupSent) =>
      answer(group === null ? api.POST("/groups", { body }) : api.PUT("/groups/{group}", { params: { path: { group } }, body })),
    onSuccess: forget(queries),
  });
}

export function useGroupCodes() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (group: string) => answer(api.POST("/groups/{group}/codes", { params: { path: { group } } })),
    onSuccess: forget(queries),
  });
}

export type StudentSent = components["schemas"]["StudentSent"];

/** Adds a student, or changes only what is said of the one named. */
export function useKeepStudent(student: string | null) {
  const queries = useQueryClient();
  const [id] = useState(() => uuid());

  return useMutation({
    mutationFn: (body: StudentSent) =>
      answer(
        student === null
          ? api.POST("/students", { body: { ...body, id } })
          : api.PATCH("/students/{student}", { params: { path: { student } }, body }),
      ),
    onSuccess: forget(queries),
  });
}

export interface AllowanceSent {
  kind: components["schemas"]["AccommodationView"]["kind"];
  time_factor: number | null;
  from: string;
  until: string | null;
  reason: string;
}

export function useAllow(student: string) {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (body: AllowanceSent) => answer(api.POST("/students/{student}/accommodations", { params: { path: { student } }, body })),
    onSuccess: forget(queries),
  });
}

export function useEndAllowance(student: string) {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (accommodation: string) =>
      answer(api.DELETE("/students/{student}/accommodations/{accommodation}", { params: { path: { student, accommodation } } })),
    onSuccess: forget(queries),
  });
}
