import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { useTerm } from "../../api/useLedger";
import { areDays, FromTo } from "../../parts/FromTo";
import { Loading } from "../../parts/Loading";
import { ProblemNotice } from "../../parts/Notice";
import { LedgerPage } from "./LedgerPage";
import { TermCosts } from "./TermCosts";
import { useToday } from "../../offline/useToday";
import { daysAfter, mondayOf } from "../../parts/weeks";

const USUAL_DAYS_BACK = 105;
const LAST_DAY = 6;

/** What practicals cost over a term or any days: all together, by standard, course and student, and where the carcasses went week by week. */
export function Term() {
  const today = useToday();
  const [from, setFrom] = useState(() => daysAfter(mondayOf(today), -USUAL_DAYS_BACK));
  const [to, setTo] = useState(() => daysAfter(mondayOf(today), LAST_DAY));
  const isAsked = areDays(from, to);
  const term = useTerm(isAsked ? { from, to } : null);

  return (
    <LedgerPage
      page="/ledger/term"
      aside={
        <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "end", gap: 1 }}>
          {term.data?.terms.map((it) => (
            <Button key={it.title} size="small" onClick={() => (setFrom(it.from), setTo(it.to))}>
              {it.title}
            </Button>
          ))}
          <FromTo from={from} to={to} onFrom={setFrom} onTo={setTo} />
        </Box>
      }
    >
      {term.data !== undefined ? (
        <TermCosts term={term.data} />
      ) : term.isError ? (
        <ProblemNotice problem={term.error} onRetry={() => void term.refetch()} />
      ) : (
        isAsked && <Loading what="the term" />
      )}
    </LedgerPage>
  );
}
