import { afterEach, beforeEach, expect, test } from "vitest";
import { listen } from "../../ui/src/api/live";

/** A stream of server-sent events as the screen listens to it; the browser's own EventSource is played. */

class PlayedSource {
  static readonly CLOSED = 2;
  static opened: PlayedSource[] = [];
  readyState = 0;
  private readonly heard = new Map<string, ((event: { data: string }) => void)[]>();

  constructor(readonly address: string) {
    PlayedSource.opened.push(this);
  }

  addEventListener(event: string, hear: (event: { data: string }) => void): void {
    this.heard.set(event, [...(this.heard.get(event) ?? []), hear]);
  }

  say(event: string, data = ""): void {
    this.heard.get(event)?.forEach((hear) => hear({ data }));
  }

  /** The server answers with a refusal: the browser does not try again by itself. */
  refuse(): void {
    this.close();
    this.say("error");
  }

  close(): void {
    this.readyState = PlayedSource.CLOSED;
  }
}

const AGAIN_MS = 5_000;
const timers = { set: globalThis.setTimeout, clear: globalThis.clearTimeout };
let later: { run: () => void; isOff: boolean }[] = [];

beforeEach(() => {
  PlayedSource.opened = [];
  later = [];
  Object.assign(globalThis, {
    EventSource: PlayedSource,
    // The runner of the tests has timers of its own.
    setTimeout: (run: () => void, ms: number) => (ms === AGAIN_MS ? later.push({ run, isOff: false }) : timers.set(run, ms)),
    clearTimeout: (timer?: number | NodeJS.Timeout) => {
      if (typeof timer !== "number") return timers.clear(timer);
      const own = later[timer - 1];
      if (own !== undefined) own.isOff = true;
    },
  });
});
afterEach(() => Object.assign(globalThis, { setTimeout: timers.set, clearTimeout: timers.clear }));

const passTime = (): void => {
  for (const it of later.splice(0)) if (!it.isOff) it.run();
};

function listening(): { said: unknown[]; isHeard: boolean[]; stop: () => void } {
  const said: unknown[] = [];
  const isHeard: boolean[] = [];
  const stop = listen("/live/class/one", { events: { captures: (it) => said.push(it) }, onHeard: (it) => isHeard.push(it) });

  return { said, isHeard, stop };
}

const source = (at: number): PlayedSource => {
  const it = PlayedSource.opened[at];
  if (it === undefined) throw new Error(`nothing was opened ${String(at + 1)} times`);

  return it;
};

test("what is pushed is heard as what it says, and only what was asked for", () => {
  const { said, isHeard } = listening();
  source(0).say("open");
  source(0).say("captures", '{"seq":7}');
  source(0).say("presence", '{"who":"Teodor"}');
  expect(said).toEqual([{ seq: 7 }]);
  expect(isHeard).toEqual([true]);
});

test("a stream that breaks is left to the browser, and one that was refused is opened anew after five seconds", () => {
  const { said, isHeard } = listening();
  source(0).say("open");
  source(0).say("error");
  expect([isHeard, later]).toEqual([[true, false], []]);
  source(0).say("open");
  source(0).refuse();
  expect(later).toHaveLength(1);
  passTime();
  expect(PlayedSource.opened.map((it) => it.address)).toEqual(["/live/class/one", "/live/class/one"]);
  source(1).say("open");
  source(1).say("captures", '{"seq":8}');
  expect(said).toEqual([{ seq: 8 }]);
  expect(isHeard).toEqual([true, false, true, false, true]);
});

test("it is tried again however often it is refused", () => {
  listening();
  for (let times = 0; times < 12; times++) {
    source(times).refuse();
    passTime();
  }
  expect(PlayedSource.opened).toHaveLength(13);
});

test("who stops listening leaves no stream open, also while it waits to be opened anew", () => {
  const open = listening();
  open.stop();
  expect(source(0).readyState).toBe(PlayedSource.CLOSED);
  const refused = listening();
  source(1).refuse();
  refused.stop();
  passTime();
  expect(PlayedSource.opened).toHaveLength(2);
});
