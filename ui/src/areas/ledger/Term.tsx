import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useTerm } from "../../api/useLedger";
import { FromTo } from "../../parts/FromTo";
import { Loading } from "../../parts/Loading";
import { ProblemNotice } from "../../parts/Notice";
import { LedgerPage } from "./LedgerPage";
import { TermCosts } from "./TermCosts";
import { useToday } from "../../offline/useToday";
import { USUAL_DAYS_BACK, useDays } from "../../parts/useDays";
import { daysAfter, mondayOf } from "../../parts/weeks";

const LAST_DAY = 6;

/** What practicals cost over a term or any days: all together, by standard, course and student, and where the carcasses went week by week. */
export function Term() {
  const today = useToday();
  const days = useDays({ from: daysAfter(mondayOf(today), -USUAL_DAYS_BACK), to: daysAfter(mondayOf(today), LAST_DAY) });
  const term = useTerm(days.asked);

  return (
    <LedgerPage
      page="/ledger/term"
      aside={
        <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "end", gap: 1 }}>
          {term.data?.terms.map((it) => (
            <Button key={it.title} size="small" onClick={() => days.choose({ from: it.from, to: it.to })}>
              {it.title}
            </Button>
          ))}
          <FromTo days={days} />
        </Box>
      }
    >
      {term.data !== undefined ? (
        <TermCosts term={term.data} />
      ) : term.isError ? (
        <ProblemNotice problem={term.error} onRetry={() => void term.refetch()} />
      ) : (
        <Loading what="the term" />
      )}
    </LedgerPage>
  );
}
