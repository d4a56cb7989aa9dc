import { keepPreviousData, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { askAgain, tell } from "./askAgain";
import { answer, api } from "./client";
import type { Standard } from "./types";

/** What is on the shelf? */
export function useShelf() {
  return useQuery({ queryKey: ["standards"], queryFn: () => answer(api.GET("/standards")) });
}

/** What does this standard ask for? A published version never changes. */
export function useStandard(standard: string) {
  return useQuery({
    queryKey: ["standard", standard],
    staleTime: Infinity,
    queryFn: () => answer(api.GET("/standards/{standard}", { params: { path: { standard } } })),
  });
}

/** The document as it was published, in the words of the book: what is changed and exported. */
export function useDocument(standard: string) {
  return useQuery({
    queryKey: ["document", standard],
    staleTime: Infinity,
    queryFn: () => answer(api.GET("/standards/{standard}/document", { params: { path: { standard } } })),
  });
}

/** What can a standard be written for? */
export function useCarcasses() {
  return useQuery({ queryKey: ["carcasses"], staleTime: Infinity, queryFn: () => answer(api.GET("/carcasses")) });
}

/** A made-up tray: the carcass, how good the hands are, and a name by which the same one comes again. */
export interface MadeUpTray {
  ap_mg: number;
  skill: number;
  care: number;
  seed: string;
}

/** What would this tray get by this draft? Asked only of a draft that adds up. */
export function useTry(document: Standard, tray: MadeUpTray, isSound: boolean) {
  return useQuery({
    queryKey: ["standards", "try", document, tray],
    enabled: isSound,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 10_000,
    retry: false,
    queryFn: () => answer(api.POST("/standards/try", { body: { document, ...tray } })),
  });
}

/** Publishes a document as the next version of its standard, unless somebody published one since the version it was written on. */
export function usePublishStandard() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: ({ document, basedOn }: { document: Standard; basedOn: number | null }) =>
      answer(api.POST("/standards", { params: { header: basedOn === null ? {} : { "If-Match": `"${basedOn}"` } }, body: document })),
    onSuccess: async (standard) => {
      await tell(queries, ["standard", standard.item.id], standard);
      void askAgain(queries, ["standards"]);
    },
  });
}

/** How does this draft stand? Asked again with every change; the last answer stands until the next. */
export function useCheck(draft: Standard) {
  return useQuery({
    queryKey: ["standards", "check", draft],
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 10_000,
    queryFn: () => answer(api.POST("/standards/check", { body: draft })),
  });
}
