import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useWeek } from "../../api/useLedger";
import type { Week as Flow } from "../../api/types";
import { FigureBox } from "../../parts/FigureBox";
import { counted, day, percent } from "../../parts/format";
import { useMassWords } from "../../parts/mass";
import { moneyWords } from "../../parts/money";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { Section } from "../../parts/Section";
import { FlowPicture } from "./FlowPicture";
import { FlowTable } from "./FlowTable";
import { LedgerPage } from "./LedgerPage";
import { useToday } from "../../offline/useToday";
import { daysAfter, mondayOf } from "../../parts/weeks";

const LAST_DAY = 6;
const WEEK = 7;

/** Where everything went that came in during a week: as a picture, as sums, and as a table. */
export function Week() {
  const today = useToday();
  const [from, setFrom] = useState(() => mondayOf(today));
  const to = daysAfter(from, LAST_DAY);
  const found = useWeek(from, to);

  return (
    <LedgerPage
      page="/ledger/week"
      aside={
        <Box role="group" aria-label="Which week" sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1 }}>
          <Button size="small" onClick={() => setFrom(daysAfter(from, -WEEK))}>
            Week before
          </Button>
          <Typography variant="label">
            {day(from)} to {day(to)}
          </Typography>
          <Button size="small" disabled={daysAfter(from, WEEK) > today} onClick={() => setFrom(daysAfter(from, WEEK))}>
            Week after
          </Button>
        </Box>
      }
    >
      {found.data !== undefined ? (
        <OneWeek week={found.data} />
      ) : found.isPending ? (
        <Loading what="the week" />
      ) : (
        <ProblemNotice problem={found.error} onRetry={() => void found.refetch()} />
      )}
    </LedgerPage>
  );
}

function OneWeek({ week }: { week: Flow }) {
  const mass = useMassWords();
  const money = (minor: number): string => moneyWords(minor, week.currency);
  if (week.bands.length === 0) return <Notice title="Nothing came in">No carcass was received in these days.</Notice>;
  const share = (mg: number): string | null => (week.delivered_mg === 0 ? null : percent(mg / week.delivered_mg));
  const sums = [
    { title: "Delivered", mg: week.delivered_mg, minor: week.money.whole_minor, note: "as purchased" },
    { title: "Eaten", mg: week.eaten_mg, minor: week.money.eaten_minor, note: "service, classes, staff" },
    { title: "Cooked", mg: week.cooked_mg, minor: week.money.cooked_minor, note: "stock, fat, mince" },
    { title: "Lost", mg: week.lost_mg, minor: week.money.lost_minor, note: "bin, drip, unaccounted", isBad: true },
    { title: "Still here", mg: week.here_mg, minor: week.money.here_minor, note: "on hand, on the tables" },
  ];

  return (
    <Box sx={{ display: "grid", gridTemplateColumns: "minmax(0, 1fr)", gap: 2.5 }}>
      <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fit, minmax(150px, 1fr))", gap: 1 }}>
        {sums.map((it) => (
          <FigureBox
            key={it.title}
            title={it.title}
            figure={mass.bulk(it.mg)}
            note={[it.title === "Delivered" ? null : share(it.mg), week.money.whole_minor === 0 ? null : money(it.minor), it.note]
              .filter((said) => said !== null)
              .join(", ")}
            isBad={it.isBad === true && it.mg > 0}
          />
        ))}
      </Box>
      {week.money.whole_minor > 0 && (
        <Typography variant="body2" sx={{ color: "text.secondary" }}>
          Money: every gram at what a gram of its carcass cost.
          {week.money.unpriced > 0 &&
            ` ${counted(week.money.unpriced, "practical")} without a delivery written down: ${week.money.unpriced === 1 ? "it is" : "they are"} not in it.`}
        </Typography>
      )}
      <Section title="Where it went">
        <FlowPicture week={week} />
      </Section>
      <Section title="The same as a table">
        <FlowTable week={week} />
        <Button size="small" component="a" href={`/api/v1/ledger/week.csv?from=${week.from}&to=${week.to}`} sx={{ mt: 1.5 }}>
          CSV
        </Button>
      </Section>
    </Box>
  );
}
