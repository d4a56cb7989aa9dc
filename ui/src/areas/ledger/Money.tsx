import { useState } from "react";
import { useCost, useLedger } from "../../api/useLedger";
import { Loading, Notice, ProblemNotice } from "../../parts/Notice";
import { ClassCost } from "./ClassCost";
import { LedgerPage } from "./LedgerPage";
import { WhichClass } from "./WhichClass";

/** What a class cost, and whether it paid to cut it here. */
export function Money() {
  const ledger = useLedger();
  const [picked, setPicked] = useState<string | null>(null);
  const practicals = ledger.data?.practicals ?? [];
  const current = practicals.find((it) => it.id === picked) ?? practicals[0];
  const cost = useCost(current?.id);
  const problem = ledger.error ?? cost.error;

  return (
    <LedgerPage
      page="/ledger/money"
      aside={current !== undefined && <WhichClass practicals={practicals} current={current.id} onPick={setPicked} />}
    >
      {cost.data !== undefined ? (
        <ClassCost key={cost.data.assessment} cost={cost.data} />
      ) : problem !== null ? (
        <ProblemNotice problem={problem} onRetry={() => (void ledger.refetch(), void cost.refetch())} />
      ) : ledger.isPending || current !== undefined ? (
        <Loading what="the costs" />
      ) : (
        <Notice title="Nothing was weighed lately">Costs are made of the weights of a practical.</Notice>
      )}
    </LedgerPage>
  );
}
