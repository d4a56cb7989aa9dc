import type { Verdict } from "../api/types";

/** Pencil marks: a shape for each verdict, so that colour is never alone. */
const strokes: Record<Verdict, string> = {
  within: "M13.5 3.2 C7 3 3 7.6 3.2 12.6 C3.4 18 8 21.4 12.8 20.9 C18 20.4 21.3 16.4 20.9 11.6 C20.5 6.8 16.6 3.4 11.6 3.7",
  allowed: "M13.5 3.2 C7 3 3 7.6 3.2 12.6 C3.4 18 8 21.4 12.8 20.9",
  under: "M4 8.5 L12 19.5 L20.5 5",
  over: "M3.5 18.5 L12 5 L20 15.5",
  missing: "M3.5 12.6 C9 11.2 15 12.8 20.5 11.6",
  excused: "M18.5 3.5 L5.5 20.5",
  pending: "",
};

export const verdictWords: Record<Verdict, string> = {
  within: "within",
  allowed: "allowed",
  under: "under",
  over: "over",
  missing: "missing",
  excused: "excused",
  pending: "to weigh",
};

export const isOut = (verdict: Verdict): boolean => verdict === "under" || verdict === "over" || verdict === "missing";

interface VerdictMarkProps {
  verdict: Verdict;
  size?: number;
  /** Said to a screen reader; leave out where the word stands beside it. */
  label?: string;
}

export function VerdictMark({ verdict, size = 24, label }: VerdictMarkProps) {
  return (
    <svg
      viewBox="0 0 24 24"
      width={size}
      height={size}
      {...(label === undefined ? { "aria-hidden": true } : { role: "img", "aria-label": label })}
      style={{
        color: isOut(verdict) ? "var(--mui-palette-error-main)" : "var(--mui-palette-text-primary)",
        flex: "none",
        display: "block",
      }}
    >
      <path d={strokes[verdict]} fill="none" stroke="currentColor" strokeWidth={2.6} strokeLinecap="round" strokeLinejoin="round" />
    </svg>
  );
}
