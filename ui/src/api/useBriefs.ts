import { useInfiniteQuery, useMutation, useQuery, useQueryClient, type QueryClient } from "@tanstack/react-query";
import { useEffect, useEffectEvent, useRef, useState } from "react";
import { askAgain, tell } from "./askAgain";
import { answer, api } from "./client";
import { Problem } from "./problem";
import type { Brief, BriefDocument } from "./types";
import { useWriteOnce } from "./useWriteOnce";

const briefsKey = ["briefs"];

/** What is planned, and what was set? Page by page. */
export function useBriefs() {
  return useInfiniteQuery({
    queryKey: briefsKey,
    refetchOnMount: "always",
    queryFn: ({ pageParam: page }) => answer(api.GET("/briefs", { params: { query: { page } } })),
    initialPageParam: 1,
    getNextPageParam: ({ next }) => next,
  });
}

/** Who missed an earlier practical? */
export function useMissedTries() {
  return useQuery({ queryKey: ["missed"], queryFn: () => answer(api.GET("/missed-tries")) });
}

/** How does this practical stand? What was written last may still be on its way when it is opened again. */
export function useBrief(brief: string) {
  const queries = useQueryClient();

  return useQuery({
    queryKey: ["brief", brief],
    gcTime: 0,
    refetchOnWindowFocus: false,
    queryFn: async () => {
      await savesEnd(queries, brief);

      return answer(api.GET("/briefs/{brief}", { params: { path: { brief } } }));
    },
  });
}

const saveKey = (brief: string) => ["save brief", brief];

/** Waits until changes of a brief that are being sent have arrived, or failed. */
const savesEnd = (queries: QueryClient, brief: string): Promise<unknown> =>
  Promise.allSettled(
    queries
      .getMutationCache()
      .findAll({ mutationKey: saveKey(brief), status: "pending" })
      .map((it) => it.continue()),
  );

const put = (brief: string, version: number, document: BriefDocument): Promise<Brief> =>
  answer(api.PUT("/briefs/{brief}", { params: { path: { brief }, header: { "If-Match": `"${version}"` } }, body: document }));

/** Begins a practical. */
export function useBeginBrief() {
  return useWriteOnce((document: BriefDocument, id) => put(id, 0, document));
}

export function useDropBrief() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (brief: string) => answer(api.DELETE("/briefs/{brief}", { params: { path: { brief } } })),
    onSuccess: () => askAgain(queries, briefsKey),
  });
}

/** Sets the practical up; the Bench and the Floor know it from then on. */
export function useSetBrief() {
  const onSuccess = useBriefNews();

  return useMutation({
    mutationFn: ({ id, version }: { id: string; version: number }) =>
      answer(api.POST("/briefs/{brief}/set", { params: { path: { brief: id }, header: { "If-Match": `"${version}"` } } })),
    onSuccess,
  });
}

/** Puts a practical that is set off to another day or time. */
export function usePostpone(brief: string) {
  const onSuccess = useBriefNews();

  return useMutation({
    mutationFn: (body: { day: string; start: string; reason: string }) =>
      answer(api.POST("/briefs/{brief}/postpone", { params: { path: { brief } }, body })),
    onSuccess,
  });
}

export function useCancel(brief: string) {
  const onSuccess = useBriefNews();

  return useMutation({
    mutationFn: (reason: string) => answer(api.POST("/briefs/{brief}/cancel", { params: { path: { brief } }, body: { reason } })),
    onSuccess,
  });
}

/** Puts a brief in place as it was answered, and has asked again for what lists it. */
function useBriefNews(): (brief: Brief) => Promise<void> {
  const queries = useQueryClient();

  return async (brief) => {
    await tell(queries, ["brief", brief.id], brief);
    void askAgain(queries, briefsKey);
    void askAgain(queries, ["bench"]);
  };
}

/** Long enough that a word is typed, short enough that the plan follows the hand. */
const SAVE_AFTER_MS = 500;

export interface BriefKeeping {
  document: BriefDocument;
  /** What follows from what was last saved. */
  brief: Brief;
  state: "kept" | "saving" | "elsewhere" | "failed";
  /** What the server says is wrong with it. */
  problem: Problem | null;
  /** A change is made to what stands there by then: two that come close together both hold. */
  change: (how: (before: BriefDocument) => BriefDocument) => void;
  /** It was changed elsewhere: this one is kept over it. */
  keepOver: () => void;
  /** Sends what could not be kept once more. */
  sendAgain: () => void;
}

/** Keeps a brief on the server as it is written, each save on the one before it; each answer says what follows from it. */
export function useBriefKeeping(opened: Brief): BriefKeeping {
  const [document, setDocument] = useState(opened.document);
  const [brief, setBrief] = useState(opened);
  const [state, setState] = useState<BriefKeeping["state"]>("kept");
  const [problem, setProblem] = useState<Problem | null>(null);
  const version = useRef(opened.version);
  const [saved, setSaved] = useState(opened.document);
  const queries = useQueryClient();
  const { mutate } = useMutation({
    mutationKey: saveKey(opened.id),
    scope: { id: `brief ${opened.id}` },
    mutationFn: async (written: BriefDocument) => {
      try {
        const answered = await put(opened.id, version.current, written);
        version.current = answered.version;
        setSaved(written);
        setBrief(answered);
        setProblem(null);
        setState("kept");
        void askAgain(queries, briefsKey);
      } catch (caught) {
        setProblem(caught instanceof Problem ? caught : null);
        setState(caught instanceof Problem && caught.status === 412 ? "elsewhere" : "failed");
      }
    },
  });
  const send = (written: BriefDocument): void => {
    setState("saving");
    mutate(written);
  };
  const save = useEffectEvent((written: BriefDocument): void => {
    if (saved !== written && state !== "elsewhere") send(written);
  });
  useEffect(() => {
    const due = setTimeout(() => save(document), SAVE_AFTER_MS);

    return () => clearTimeout(due);
  }, [document]);
  // What was written in the moment before the page is left goes up as well.
  const saveLast = useEffectEvent((): void => save(document));
  useEffect(() => () => saveLast(), []);

  const keepOver = (): void => {
    void answer(api.GET("/briefs/{brief}", { params: { path: { brief: opened.id } } }))
      .then((other) => {
        version.current = other.version;
        send(document);
      })
      .catch(() => setState("failed"));
  };

  return {
    document,
    brief,
    state: state === "kept" && document !== saved ? "saving" : state,
    problem,
    change: setDocument,
    keepOver,
    sendAgain: () => send(document),
  };
}
