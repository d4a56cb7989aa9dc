import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import { useStandardisingSets } from "../../api/useStandardising";
import { Rail } from "../../app/Rail";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { useTimeWords } from "../../parts/times";

/** The sets that assessors judge before an exam, the latest first. */
export function StandardisingSets() {
  const sets = useStandardisingSets();
  const { dayInFull } = useTimeWords();
  if (sets.data === undefined)
    return sets.isError ? <ProblemNotice problem={sets.error} onRetry={() => void sets.refetch()} /> : <Loading what="the sets" />;

  return (
    <Box sx={{ px: 3, py: 2, maxWidth: 960, width: "100%", mx: "auto" }}>
      <Rail area="Standardising" steps={[{ label: "Between assessors", to: "/agreement" }, { label: "Standardising sets" }]} />
      <Typography variant="h1">Standardising sets</Typography>
      <Typography sx={{ color: "text.secondary", mb: 1, maxWidth: "65ch" }}>
        Trays without names that everybody judges alone, and then looks at together. A set is made from the released trays of a practical,
        under Moderate.
      </Typography>
      {sets.data.length === 0 && <Notice title="No set yet">The first one waits here for everybody who marks.</Notice>}
      <Box component="ul" sx={{ listStyle: "none", m: 0, p: 0 }}>
        {sets.data.map((it) => (
          <Box
            component="li"
            key={it.id}
            sx={{ display: "flex", flexWrap: "wrap", gap: 2, py: 1, borderTop: "1px solid", borderColor: "divider" }}
          >
            <Typography variant="h3" component={Link} to={`/standardising/${it.id}`} sx={{ flex: 1, minWidth: 220 }}>
              {it.title}
            </Typography>
            <Typography variant="body2">
              {dayInFull(it.made_at)}, {it.is_open ? "open to everybody" : it.is_finished ? "you have finished" : "waits for you"}
            </Typography>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
