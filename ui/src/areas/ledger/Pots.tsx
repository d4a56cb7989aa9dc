import Box from "@mui/material/Box";
import { usePots } from "../../api/useLedger";
import { useUser } from "../../api/useSession";
import { potsWith } from "../../offline/withLots";
import { useWaitingLots } from "../../offline/useWaiting";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { Section } from "../../parts/Section";
import { LedgerPage } from "./LedgerPage";
import { PotCard } from "./PotCard";
import { useTakeLots } from "./useTakeLots";
import { WaitsForPot } from "./WaitsForPot";

/** What waits for a pot, what is in one, and how what was drawn cools. */
export function Pots() {
  const found = usePots();
  const waiting = useWaitingLots();
  const lots = useTakeLots();
  const { may_capture: mayRecord } = useUser();
  if (found.isPending) return <Loading what="the pots" />;
  if (found.data === undefined) return <ProblemNotice problem={found.error} onRetry={() => void found.refetch()} />;
  const view = potsWith(found.data, waiting);

  return (
    <LedgerPage page="/ledger/pots" lots={lots}>
      {view.waiting.length === 0 && view.pots.length === 0 && (
        <Notice title="No pots">Put bones, fat or trim away under Today, and they wait here for their pot.</Notice>
      )}
      <Box sx={{ display: "grid", gap: 2.5 }}>
        {view.waiting.length > 0 && (
          <Section title="Waits for a pot">
            <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(min(100%, 380px), 1fr))", gap: 1.5 }}>
              {view.waiting.map((it) => (
                <WaitsForPot key={`${it.use} ${it.species}`} waiting={it} mayRecord={mayRecord} lots={lots} />
              ))}
            </Box>
          </Section>
        )}
        {view.pots.length > 0 && (
          <Section title="Pots of the last days">
            <Box sx={{ display: "grid", gap: 1.5 }}>
              {view.pots.map((it) => (
                <PotCard key={it.id} pot={it} today={view.date} hasProbe={view.has_probe} mayRecord={mayRecord} lots={lots} />
              ))}
            </Box>
          </Section>
        )}
      </Box>
    </LedgerPage>
  );
}
