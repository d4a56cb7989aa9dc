import type { components } from "./schema";

/** What the server said went wrong (RFC 9457). */
export class Problem extends Error {
  readonly title: string;
  readonly status: number;
  readonly detail: string;
  readonly errors: components["schemas"]["PlacedError"][];
  /** What somebody else changed meanwhile, as it is now. */
  readonly changed: Record<string, string>;

  constructor(body: unknown, status: number) {
    const said: Partial<components["schemas"]["Problem"]> = typeof body === "object" && body !== null ? body : {};
    super(said.detail ?? "The server answered with something this screen does not understand.");
    this.title = said.title ?? "Something went wrong";
    this.status = status;
    this.detail = this.message;
    this.errors = said.errors ?? [];
    this.changed = said.changed ?? {};
  }

  /** Trying the same again cannot help. */
  get isFinal(): boolean {
    return this.status >= 400 && this.status < 500 && this.status !== 429;
  }
}
