import { useSearchParams } from "react-router";
import { useCost, useLedger } from "../../api/useLedger";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { ClassCost } from "./ClassCost";
import { LedgerPage } from "./LedgerPage";
import { WhichClass } from "./WhichClass";

/** What a class cost, and whether it paid to cut it here. The address may name the practical, also an older one. */
export function Money() {
  const ledger = useLedger();
  const [address, setAddress] = useSearchParams();
  const recent = ledger.data?.practicals ?? [];
  const current = address.get("practical") ?? recent[0]?.id;
  const cost = useCost(current);
  const problem = ledger.error ?? cost.error;
  const isOlder = cost.data !== undefined && !recent.some((it) => it.id === cost.data.assessment);
  const practicals = isOlder
    ? [{ id: cost.data.assessment, title: cost.data.title, held_on: cost.data.held_on, lots: cost.data.trays }, ...recent]
    : recent;

  return (
    <LedgerPage
      page="/ledger/money"
      aside={
        current !== undefined && (
          <WhichClass practicals={practicals} current={current} onPick={(id) => setAddress({ practical: id }, { replace: true })} />
        )
      }
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
