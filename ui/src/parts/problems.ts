import { Problem } from "../api/problem";

/** What went wrong, as a person reads it; undefined where nothing did. */
export function saidOf(error: Error | null): string | undefined {
  if (error === null) return undefined;

  return error instanceof Problem ? error.detail : "The server does not answer; check the network.";
}

/** What is wrong with one thing that was sent, by its path; undefined where nothing is. */
export function saidOfPath(error: Error | null, path: string): string | undefined {
  return error instanceof Problem ? error.errors.find((it) => it.path === path)?.detail : undefined;
}
