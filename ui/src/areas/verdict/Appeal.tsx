import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link } from "react-router";
import { useAppeals } from "../../api/useAppeals";
import { useUser } from "../../api/useSession";
import type { VerdictPage } from "../../api/types";
import { AppealLines } from "../../parts/AppealLines";
import { day } from "../../parts/format";
import { AppealSlip } from "./AppealSlip";

/** The appeals against a released result: how they stand, and for its student until when one may be made. */
export function Appeal({ page }: { page: VerdictPage }) {
  const isStudent = useUser().role === "student";
  const appeals = useAppeals(page.attempt);
  const [asks, setAsks] = useState(false);
  const isLatest = page.releases.at(-1)?.version === page.version;
  if (appeals.data === undefined) return null;
  const { appeals: made, may_appeal: mayAppeal, until } = appeals.data;
  if (made.length === 0 && !(isStudent && isLatest)) return null;

  return (
    <Box component="section" aria-label="Appeal" sx={{ mt: 2, "@media print": { display: "none" } }}>
      <Typography variant="h3" component="h2">
        Appeal
      </Typography>
      {isStudent && isLatest && mayAppeal && until !== null && (
        <>
          <Typography variant="body2" sx={{ mb: 1 }}>
            If a line of this result is not right, say which and why, until {day(until)}. Somebody who has not marked this tray decides.
          </Typography>
          <Button onClick={() => setAsks(true)}>Appeal</Button>
        </>
      )}
      {isStudent && isLatest && !mayAppeal && made.length === 0 && (
        <Typography variant="body2">
          {until === null ? "By the policy of this practical there is no appeal." : `The days to appeal are over since ${day(until)}.`}
        </Typography>
      )}
      {made.map((it) => (
        <Box key={it.id} sx={{ mt: 1 }}>
          <Typography variant="body2">
            Against version {it.version}.{" "}
            {it.is_decided
              ? "Decided."
              : `${it.assignee === null ? "Nobody looks at it yet" : `${it.assignee.name} looks at it`}; to be decided by ${day(it.answer_by)}.`}{" "}
            {!isStudent && <Link to={`/appeal/${it.attempt}`}>Open it</Link>}
          </Typography>
          <AppealLines appeal={it} />
        </Box>
      ))}
      {asks && <AppealSlip page={page} onClose={() => setAsks(false)} />}
    </Box>
  );
}
