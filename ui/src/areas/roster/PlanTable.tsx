import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { RosterPlan } from "../../api/types";
import { counted } from "../../parts/format";

const does = { new: "new", changed: "changes", same: "as it is" } as Record<string, string>;

/** What a file would do, problems first, by line. */
export function PlanTable({ plan }: { plan: RosterPlan }) {
  return (
    <Box component="section" aria-label="What it would do" sx={{ display: "grid", gap: 1.5 }}>
      <Typography variant="h2">
        {plan.new} new, {plan.changed} changed, {plan.same} as they are
        {plan.problems.length > 0 && `; ${counted(plan.problems.length, "problem")}`}
      </Typography>
      {plan.problems.length > 0 && (
        <Box
          component="ul"
          aria-label="Problems"
          sx={{ m: 0, pl: 0, listStyle: "none", borderLeft: "5px solid", borderColor: "error.main" }}
        >
          {plan.problems.slice(0, 200).map((it) => (
            <Box component="li" key={`${it.line} ${it.text}`} sx={{ display: "flex", gap: 2, px: 1.5, py: 0.25 }}>
              <Typography variant="figure" sx={{ minWidth: 70, color: "error.main" }}>
                line {it.line}
              </Typography>
              <Typography>{it.text}</Typography>
            </Box>
          ))}
          {plan.problems.length > 200 && <Typography sx={{ px: 1.5 }}>and {plan.problems.length - 200} more</Typography>}
        </Box>
      )}
      <Box
        sx={{ maxHeight: 420, overflow: "auto", bgcolor: "background.paper", border: "2px solid", borderColor: "text.primary" }}
        tabIndex={0}
        role="region"
        aria-label="Rows, scrolls"
      >
        <Box
          component="table"
          sx={{
            width: "100%",
            borderCollapse: "collapse",
            "& td, & th": { px: 1, py: 0.4, textAlign: "left", borderBottom: "1px solid", borderColor: "divider", typography: "body2" },
            "& th": { typography: "label", position: "sticky", top: 0, bgcolor: "background.paper" },
          }}
        >
          <thead>
            <tr>
              <th scope="col">Line</th>
              <th scope="col">Number</th>
              <th scope="col">Name</th>
              <th scope="col">Group</th>
              <th scope="col">What it does</th>
            </tr>
          </thead>
          <tbody>
            {plan.lines.map((it) => (
              <tr key={it.line}>
                <td>{it.line}</td>
                <td>{it.number}</td>
                <td>{it.name}</td>
                <td>{it.group}</td>
                <td>{it.changes.length > 0 ? it.changes.join("; ") : does[it.does]}</td>
              </tr>
            ))}
          </tbody>
        </Box>
      </Box>
      {plan.lines.length < plan.new + plan.changed + plan.same && (
        <Typography variant="body2">The first {plan.lines.length} rows are shown; all of them are brought in.</Typography>
      )}
    </Box>
  );
}
