import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { RosterColumn, RosterPlan } from "../../api/types";
import { Pick } from "../../parts/Pick";
import { Toggle } from "../../parts/Toggle";

const titles: Record<RosterColumn | "none", string> = {
  none: "nothing we need",
  number: "number",
  name: "whole name",
  given: "given name",
  family: "family name",
  email: "e-mail",
  course: "course",
  group: "group",
  term: "term",
};
const options = (Object.keys(titles) as (RosterColumn | "none")[]).map((key) => ({ key, title: titles[key] }));

interface ColumnPicksProps {
  plan: RosterPlan;
  onHeader: (hasHeader: boolean) => void;
  onColumns: (columns: (RosterColumn | null)[]) => void;
}

/** What each column of the file holds: found by its header, or said by hand. */
export function ColumnPicks({ plan, onHeader, onColumns }: ColumnPicksProps) {
  return (
    <Box component="section" aria-label="Columns">
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 2, mb: 1 }}>
        <Typography variant="h2">Columns</Typography>
        <Toggle isOn={plan.has_header} onToggle={() => onHeader(!plan.has_header)}>
          The first row is a header
        </Toggle>
        {!plan.is_mapped && (
          <Typography role="alert" sx={{ color: "error.main" }}>
            Say which column holds the name.
          </Typography>
        )}
      </Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(150px, 1fr))", gap: 1.5 }}>
        {plan.headings.map((heading, index) => (
          <Pick
            // Two columns may have one heading.
            key={`${heading} ${index}`}
            label={heading === "" ? `Column ${index + 1}` : heading}
            value={plan.columns[index] ?? "none"}
            options={options}
            onPick={(picked) => onColumns(plan.columns.map((it, other) => (other === index ? (picked === "none" ? null : picked) : it)))}
          />
        ))}
      </Box>
    </Box>
  );
}
