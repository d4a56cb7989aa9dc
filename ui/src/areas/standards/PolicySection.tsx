import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Policy, Standard } from "../../api/types";
import { usePolicy } from "../../api/usePolicy";
import { ProblemNotice } from "../../parts/Notice";
import { percent } from "../../parts/format";

const rules = {
  simple: "Every weight is taken as read.",
  benefit: "The student has the benefit of the doubt of every weighing.",
  strict: "The doubt of every weighing counts against the tray.",
};
const caps = { critical: "a critical fault", resit: "a resit", over_limit: "past the time limit" };

/** By what policy of the school a tray is graded: of one standard, what counts there; without one, all of it. */
export function PolicySection({ document }: { document: Standard | null }) {
  const policy = usePolicy();
  if (policy.isLoadingError) return <ProblemNotice problem={policy.error} onRetry={() => void policy.refetch()} />;
  if (policy.isPending) return null;
  const { title = "Policy", components, decision, bands, caps: lowered } = policy.data.said;
  const counting = components.filter((it) => document === null || counts(it.id, document));
  const whole = counting.reduce((sum, it) => sum + it.weight, 0);

  return (
    <Box component="section" aria-label={title}>
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        {title}
      </Typography>
      <Box component="dl" sx={{ m: 0 }}>
        {counting.map((it) => (
          <Box key={it.id} sx={{ display: "grid", gridTemplateColumns: "150px minmax(0, 1fr) 56px", alignItems: "center", gap: 1 }}>
            <Typography component="dt" variant="label">
              {it.title ?? it.id}
            </Typography>
            <Box
              aria-hidden
              sx={{ height: 8, width: `${(100 * it.weight) / Math.max(...counting.map((other) => other.weight))}%`, bgcolor: "steel.main" }}
            />
            <Typography component="dd" variant="figure" sx={{ m: 0, textAlign: "right" }}>
              {percent(it.weight / whole, 0)}
            </Typography>
          </Box>
        ))}
      </Box>
      <Typography variant="body2" sx={{ mt: 1 }}>
        {rules[decision.rule]} Bands: {bands.map((it) => `${it.label} from ${it.min}`).join(", ")}.
        {lowered.map((it) => ` At most ${it.max} after ${caps[it.when]}.`).join("")}
      </Typography>
    </Box>
  );
}

/** Whether a component of the policy has anything to count in this standard. */
function counts(
  component: Policy["components"][number]["id"],
  { pairs = [], frame, time, yield: target, criteria = [], faults = [] }: Standard,
): boolean {
  switch (component) {
    case "portion":
      return true;
    case "pairs":
      return pairs.length > 0;
    case "yield":
      return target !== null;
    case "frame":
      return frame !== null;
    case "time":
      return time !== null;
    default:
      return [...criteria, ...faults].some((it) => it.component === component);
  }
}
