import type { components } from "./schema";

const OURS = "urn:deft-blade:problem:";

/** What the server said went wrong (RFC 9457). */
export class Problem extends Error {
  /** Of what kind; empty where the answer is not one of this application. */
  readonly type: string;
  readonly title: string;
  readonly status: number;
  readonly detail: string;
  readonly errors: components["schemas"]["PlacedError"][];
  /** What somebody else changed meanwhile, as it is now. */
  readonly changed: Record<string, string>;

  constructor(body: unknown, status: number) {
    const said: Partial<components["schemas"]["Problem"]> = typeof body === "object" && body !== null ? body : {};
    super(said.detail ?? "The server answered with something this screen does not understand.");
    this.type = said.type?.startsWith(OURS) === true ? said.type.slice(OURS.length) : "";
    this.title = said.title ?? "Something went wrong";
    this.status = status;
    this.detail = this.message;
    this.errors = said.errors ?? [];
    this.changed = said.changed ?? {};
  }

  /** Trying the same again cannot help: this application refused it. What a proxy or the page of a network says is no refusal. */
  get isFinal(): boolean {
    return this.type !== "" && this.status >= 400 && this.status < 500 && this.status !== 429;
  }

  /** Nobody is signed in here any more, or somebody else is. */
  get isSignedOut(): boolean {
    return this.type === "signed-out" || this.type === "other-person";
  }

  /** What is asked for was not reached: something on the way answered, or it has no time now. */
  get isAway(): boolean {
    return [408, 425, 429, 502, 503, 504, 511].includes(this.status);
  }
}
