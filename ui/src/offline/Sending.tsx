import { useQueryClient } from "@tanstack/react-query";
import { createContext, use, useEffect, useMemo, useRef, useState, type ReactNode } from "react";
import { askAgain, isOld, tell } from "../api/askAgain";
import { ledgerKey } from "../api/useLedger";
import type { Fact, OnPracticeTray, PracticeFact, SentCapture, SentLotFact, UntimedLotFact } from "../api/types";
import { sessionKey, useUser } from "../api/useSession";
import { tellStations } from "../api/useFloor";
import { practiceKey, practiceTrayKey } from "../api/usePractice";
import { trayKey } from "../api/useTray";
import { captured, capturedLot, practised, practisedOn } from "./captured";
import { offsetMs } from "./clock";
import type { Photo } from "./photo";
import { useKeepNow } from "./Kept";
import { NotKept } from "./NotKept";
import { sendAgain, startSending } from "./sender";
import { store } from "./store";

/** A capture, and the attempt it is of. */
export interface TakenDown {
  attempt: string;
  capture: SentCapture;
}

interface Queue {
  /** Takes facts down: they are on this device when it resolves, and go up by themselves; null where the device cannot keep them, which is said on the screen. */
  take: (attempt: string, ...facts: Fact[]) => Promise<SentCapture[] | null>;
  /** The same for several attempts, all of it or none. */
  takeAll: (facts: { attempt: string; fact: Fact }[]) => Promise<TakenDown[] | null>;
  /** Takes a photograph down: it is kept on this device with its capture, and goes up before it. */
  takePhoto: (attempt: string, photo: Photo) => Promise<SentCapture[] | null>;
  /** Puts a refused capture right, or leaves it as it is, and tries it again. */
  mend: (order: number, capture: SentCapture) => Promise<void>;
  drop: (order: number) => Promise<void>;
  /** Takes facts about lots down, all of them or none. */
  takeLots: (words: string, facts: UntimedLotFact[]) => Promise<SentLotFact[] | null>;
  /** Takes down what was answered, or that a card was followed to its end. */
  takePractice: (standard: string, fact: PracticeFact) => Promise<boolean>;
  /** Takes facts of a practice tray down, all of them or none. */
  takeOnPracticeTray: (standard: string, tray: string, facts: OnPracticeTray[]) => Promise<boolean>;
  /** Takes a photograph of a practice tray down: it goes up before its capture. */
  takePracticePhoto: (standard: string, tray: string, photo: Photo) => Promise<boolean>;
  retryPractice: (order: number) => Promise<void>;
  dropPractice: (order: number) => Promise<void>;
  /** Sends what was refused, and what the server failed at, once more. */
  sendAgain: () => Promise<void>;
  /** Sends what was refused once more. */
  retryLots: (order: number) => Promise<void>;
  dropLots: (order: number) => Promise<void>;
}

const QueueContext = createContext<Queue | null>(null);

export function useCaptureQueue(): Queue {
  const queue = use(QueueContext);
  if (queue === null) throw new Error("nothing is taken down out here");

  return queue;
}

/** Everything inside takes captures down on the device first; they go up in order while somebody is signed in. */
export function Sending({ children }: { children: ReactNode }) {
  const { id: user } = useUser();
  const queries = useQueryClient();
  const keepNow = useKeepNow();
  // The browser is asked not to clear what waits here when it runs short of space.
  useEffect(() => void navigator.storage?.persist?.(), []);
  const sender = useRef<ReturnType<typeof startSending> | null>(null);
  useEffect(() => {
    const started = startSending(user, {
      onTray: async (tray) => {
        await tell(queries, trayKey(tray.attempt), tray);
        tellStations(queries, tray.assessment, [tray.on_floor]);
        // What was opened while a capture was on its way is from before it.
        void askAgain(queries, ["verdict", tray.attempt]);
        void askAgain(queries, ["sheet", tray.assessment]);
        void askAgain(queries, ["moderation", tray.assessment]);
      },
      onLots: async () => {
        await askAgain(queries, ledgerKey);
        // Gone from here before it is in what is shown and kept, it would lie on the tables again, to be put away twice. It may be sent again.
        if (isOld(queries, ledgerKey)) throw new Error("the ledger is not shown anew yet");
        await keepNow();
      },
      onPractice: async (tray) => {
        if (tray !== null) await tell(queries, practiceTrayKey(tray.tray), tray);
        void askAgain(queries, practiceKey);
      },
      onSignedOut: () => void askAgain(queries, sessionKey),
    });
    sender.current = started;

    return () => {
      started.stop();
      sender.current = null;
    };
  }, [user, queries, keepNow]);
  const [fault, setFault] = useState<string | null>(null);
  const queue = useMemo((): Queue => {
    /** What was taken down, once it is on the device; null where it cannot be kept there. */
    const kept = async <Taken,>(make: () => Taken, write: (taken: Taken) => Promise<unknown>): Promise<Taken | null> => {
      let taken: Taken;
      try {
        taken = make();
        await write(taken);
      } catch (problem) {
        setFault(problem instanceof Error ? problem.name : "Error");

        return null;
      }
      setFault(null);
      sender.current?.kick();

      return taken;
    };
    const takeAll: Queue["takeAll"] = (facts) =>
      kept(
        () => facts.map(({ attempt, fact }) => ({ attempt, capture: captured(fact) })),
        (taken) => store.waiting.bulkAdd(taken.map((it) => ({ ...it, user, offsetMs: offsetMs(), refusal: null }))),
      );

    return {
      takeAll,
      take: async (attempt, ...facts) => (await takeAll(facts.map((fact) => ({ attempt, fact }))))?.map((it) => it.capture) ?? null,
      takePhoto: (attempt, { blob, sha256 }) =>
        kept(
          (): [SentCapture] => [captured({ kind: "photo", file: `${sha256}.jpg`, sha256 })],
          ([capture]: [SentCapture]) => store.waiting.add({ user, attempt, capture, offsetMs: offsetMs(), refusal: null, blob }),
        ),
      mend: async (order, capture) => {
        await store.waiting.update(order, { capture, refusal: null });
        sender.current?.kick();
      },
      drop: (order) => store.waiting.delete(order),
      takeLots: (words, facts) =>
        kept(
          () => facts.map((it) => capturedLot(it)),
          (taken) => store.lots.add({ user, facts: taken, words, offsetMs: offsetMs(), refusal: null }),
        ),
      takePractice: async (standard, fact) =>
        (await kept(
          () => practised(fact),
          (taken) => store.practice.add({ user, standard, said: { tray: null, fact: taken }, offsetMs: offsetMs(), refusal: null }),
        )) !== null,
      takeOnPracticeTray: async (standard, tray, facts) =>
        (await kept(
          () => facts.map(practisedOn),
          (taken) =>
            store.practice.bulkAdd(
              taken.map((capture) => ({ user, standard, said: { tray, capture }, offsetMs: offsetMs(), refusal: null })),
            ),
        )) !== null,
      takePracticePhoto: async (standard, tray, { blob, sha256 }) =>
        (await kept(
          () => practisedOn({ kind: "photo", file: `${sha256}.jpg`, sha256 }),
          (capture) => store.practice.add({ user, standard, said: { tray, capture, blob }, offsetMs: offsetMs(), refusal: null }),
        )) !== null,
      retryPractice: async (order) => {
        await store.practice.update(order, { refusal: null });
        sender.current?.kick();
      },
      dropPractice: (order) => store.practice.delete(order),
      sendAgain: async () => {
        await sendAgain(user);
        sender.current?.kick();
      },
      retryLots: async (order) => {
        await store.lots.update(order, { refusal: null });
        sender.current?.kick();
      },
      dropLots: (order) => store.lots.delete(order),
    };
  }, [user]);

  return (
    <QueueContext value={queue}>
      {fault !== null && <NotKept fault={fault} onClose={() => setFault(null)} />}
      {children}
    </QueueContext>
  );
}
