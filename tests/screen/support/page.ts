import "fake-indexeddb/auto";
import { afterEach, vi } from "vitest";
import { cleanup, configure } from "@testing-library/react";

/** What of a browser the pages ask for and a document without one does not have. */

class SilentSource extends EventTarget {
  static readonly CLOSED = 2;
  readonly readyState = 0;

  close(): void {
    this.dispatchEvent(new Event("closed"));
  }
}

class PlacedRequest extends Request {
  constructor(input: RequestInfo | URL, init?: RequestInit) {
    super(typeof input === "string" && input.startsWith("/") ? `http://kitchen.example${input}` : input, init);
  }
}

Object.assign(globalThis, {
  EventSource: SilentSource,
  Request: PlacedRequest,
  matchMedia: (query: string) => ({
    matches: false,
    media: query,
    addEventListener: vi.fn(),
    removeEventListener: vi.fn(),
    addListener: vi.fn(),
    removeListener: vi.fn(),
  }),
});
Object.defineProperty(globalThis.navigator, "locks", {
  configurable: true,
  value: { request: (_: string, run: () => Promise<void>) => run() },
});
Object.assign(Element.prototype, { scrollIntoView: vi.fn(), setPointerCapture: vi.fn(), releasePointerCapture: vi.fn() });
window.scrollTo = vi.fn() as typeof window.scrollTo;
document.cookie = "XSRF-TOKEN=token";

const INLINE = new Set(["A", "ABBR", "B", "BDI", "EM", "I", "LABEL", "SMALL", "SPAN", "STRONG", "SUB", "SUP", "TIME"]);
const style = document.createElement("div").style;
const [block, inline] = ["block", "inline"].map((display) =>
  Object.assign(Object.create(style) as CSSStyleDeclaration, {
    display,
    getPropertyValue: (name: string) => (name === "display" ? display : ""),
  }),
);
// Nothing is painted here; what a name is made up of asks each element whether it stands in the line, a thousand times for a page.
window.getComputedStyle = (element) => (INLINE.has(element.tagName) ? inline : block) as CSSStyleDeclaration;

// The first page of a file waits until its area is read; and whether a thing can be seen is looked at where a test is about it.
configure({ asyncUtilTimeout: 20_000, defaultHidden: true });
afterEach(cleanup);
