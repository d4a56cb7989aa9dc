import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useEffectEvent, useRef, useState } from "react";
import { v4 as uuid } from "uuid";
import { askAgain } from "./askAgain";
import { answer, api } from "./client";
import { Problem } from "./problem";
import type { KeptDraft, Standard } from "./types";

const draftsKey = ["drafts"];

/** Which drafts of mine are kept? */
export function useDrafts(isAsked: boolean) {
  return useQuery({ queryKey: draftsKey, enabled: isAsked, refetchOnMount: "always", queryFn: () => answer(api.GET("/drafts")) });
}

/** How was this draft last saved? */
export function useDraft(draft: string | null) {
  return useQuery({
    queryKey: ["draft", draft],
    enabled: draft !== null,
    gcTime: 0,
    refetchOnMount: "always",
    queryFn: () => answer(api.GET("/drafts/{draft}", { params: { path: { draft: draft ?? "" } } })),
  });
}

export function useDropDraft() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (draft: string) => answer(api.DELETE("/drafts/{draft}", { params: { path: { draft } } })),
    onSuccess: () => askAgain(queries, draftsKey),
  });
}

/** Long enough that a word is typed, short enough that little is at stake. */
const SAVE_AFTER_MS = 700;

export interface DraftKeeping {
  /** The id it is kept under; null while nothing was changed. */
  id: string | null;
  state: "untouched" | "saving" | "kept" | "elsewhere" | "failed";
  /** It was saved on another device: this one is saved over it. */
  saveOver: () => void;
  drop: () => Promise<void>;
}

/**
 * Keeps a draft on the server as it is written, each save on the one before it.
 *
 * @param kept what it was opened from; null where it was opened from a published standard, or from nothing
 */
export function useDraftKeeping(document: Standard, isChanged: boolean, kept: KeptDraft | null): DraftKeeping {
  const queries = useQueryClient();
  const [id, setId] = useState(kept?.id ?? null);
  const [state, setState] = useState<DraftKeeping["state"]>(kept === null ? "untouched" : "kept");
  const version = useRef(kept?.version ?? 0);
  const line = useRef<Promise<void>>(Promise.resolve());
  const saved = useRef<Standard | null>(kept?.document ?? null);
  const isDropped = useRef(false);
  const save = (draft: string, written: Standard): void => {
    setState("saving");
    line.current = line.current.then(async () => {
      if (isDropped.current) return;
      try {
        const header = { "If-Match": `"${version.current}"` };
        const answered = await answer(api.PUT("/drafts/{draft}", { params: { path: { draft }, header }, body: written as never }));
        version.current = answered.version;
        saved.current = written;
        setState("kept");
        void askAgain(queries, draftsKey);
      } catch (problem) {
        setState(problem instanceof Problem && problem.status === 412 ? "elsewhere" : "failed");
      }
    });
  };
  const saveWritten = useEffectEvent((): void => {
    if (saved.current === document || state === "elsewhere") return;
    const draft = id ?? uuid();
    setId(draft);
    save(draft, document);
  });
  useEffect(() => {
    if (!isChanged) return;
    const due = setTimeout(() => saveWritten(), SAVE_AFTER_MS);

    return () => clearTimeout(due);
  }, [document, isChanged]);

  return {
    id,
    state,
    saveOver: () => {
      if (id === null) return;
      void answer(api.GET("/drafts/{draft}", { params: { path: { draft: id } } }))
        .then((other) => {
          version.current = other.version;
          save(id, document);
        })
        .catch(() => setState("failed"));
    },
    drop: async () => {
      isDropped.current = true;
      await line.current;
      if (id !== null) await answer(api.DELETE("/drafts/{draft}", { params: { path: { draft: id } } })).catch(() => undefined);
      void askAgain(queries, draftsKey);
    },
  };
}
