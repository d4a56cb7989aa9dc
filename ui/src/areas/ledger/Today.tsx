import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link } from "react-router";
import { useLedger, usePutAway } from "../../api/useLedger";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { putAwayWith } from "../../offline/withLots";
import { useWaitingLots } from "../../offline/useWaiting";
import { LedgerPage } from "./LedgerPage";
import { OnTables } from "./OnTables";
import { useTakeLots } from "./useTakeLots";
import { WhichClass } from "./WhichClass";

/** What to do with what lies on the tables now. */
export function Today() {
  const ledger = useLedger();
  const lots = useTakeLots();
  const waiting = useWaitingLots();
  const [picked, setPicked] = useState<string | null>(null);
  const practicals = ledger.data?.practicals ?? [];
  const current = practicals.find((it) => it.id === picked) ?? practicals[0];
  const tables = usePutAway(current?.id);
  const problem = ledger.error ?? tables.error;

  return (
    <LedgerPage
      page="/ledger"
      lots={lots}
      aside={current !== undefined && <WhichClass practicals={practicals} current={current.id} onPick={setPicked} />}
    >
      {current === undefined && !ledger.isPending && problem === null && (
        <Notice title="Nothing was weighed lately">
          Lots are made of the weights of a practical: <Link to="/floor">weigh a tray in</Link>, and its cuts lie here.
        </Notice>
      )}
      {tables.data !== undefined ? (
        <OnTables key={tables.data.assessment} tables={putAwayWith(tables.data, waiting)} lots={lots} />
      ) : problem !== null ? (
        <ProblemNotice problem={problem} onRetry={() => (void ledger.refetch(), void tables.refetch())} />
      ) : (
        (ledger.isPending || current !== undefined) && <Loading what="the tables" />
      )}
      {tables.data !== undefined && problem !== null && (
        <Typography role="status" sx={{ mt: 1, color: "text.secondary" }}>
          This is what was last heard; the server does not answer.
        </Typography>
      )}
    </LedgerPage>
  );
}
