import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useParams } from "react-router";
import type { LotHistory as History } from "../../api/types";
import { useLedgerNews, useLot } from "../../api/useLedger";
import { useUser } from "../../api/useSession";
import { Rail } from "../../app/Rail";
import { lotAfter } from "../../offline/withLots";
import { useWaitingLots } from "../../offline/useWaiting";
import { day, lowerFirst } from "../../parts/format";
import { useMassWords } from "../../parts/mass";
import { Loading } from "../../parts/Loading";
import { ProblemNotice } from "../../parts/Notice";
import { Section } from "../../parts/Section";
import { UndoBar } from "../../parts/UndoBar";
import { daysLeft, isOver } from "./daysLeft";
import { CoolingChart } from "./CoolingChart";
import { LabelLinks } from "./LabelLinks";
import { LotActions } from "./LotActions";
import { LotHistory } from "./LotHistory";
import { TakeOut } from "./TakeOut";
import { useTakeLots } from "./useTakeLots";
import { whereItWent } from "./whereItWent";

/** Which carcasses it comes from, and how they were delivered. */
function From({ history: { stations, delivery } }: { history: History }) {
  if (stations.length === 0) return null;

  return (
    <Typography>
      From {stations.length === 1 ? "station" : "stations"} {stations.join(", ")}
      {delivery === null
        ? "; how the carcasses were delivered is not written down."
        : `; delivered by ${delivery.supplier}, invoice ${delivery.invoice}.`}
    </Typography>
  );
}

/** One lot: what it is, what to do with it, and everything that was taken down about it. */
export function LotPage() {
  const { lot: id } = useParams();
  const found = useLot(id);
  useLedgerNews();
  const waiting = useWaitingLots();
  const lots = useTakeLots();
  const mass = useMassWords();
  const { may_capture: mayRecord } = useUser();
  if (found.isPending) return <Loading what="the lot" />;
  if (found.data === undefined) return <ProblemNotice problem={found.error} onRetry={() => void found.refetch()} />;
  const lot = lotAfter(found.data.lot, waiting);
  const went = whereItWent(lot, mass);

  return (
    <Box sx={{ px: { xs: 2, sm: 3 }, py: 2, pb: 10, maxWidth: 960, display: "grid", gap: 2.5 }}>
      <Rail area="Ledger" steps={[{ label: "Ledger", to: "/ledger" }, { label: "On hand", to: "/ledger/on-hand" }, { label: lot.title }]} />
      <Box>
        <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 2, alignItems: "baseline" }}>
          <Typography variant="h1" sx={{ flex: 1, minWidth: 220 }}>
            {lot.title}
            {lot.is_off && ", below standard"}
          </Typography>
          <Typography variant="figure" sx={{ fontSize: 34 }}>
            {mass.full(lot.on_hand_mg)}
          </Typography>
          <Typography variant="label" sx={{ color: isOver(lot) ? "error.main" : "text.primary", fontWeight: isOver(lot) ? 700 : 500 }}>
            {daysLeft(lot)}
          </Typography>
        </Box>
        <Typography>
          {lot.practical ?? `From the pot, ${lowerFirst(lot.species)}`}, {day(lot.made_on)}
          {lot.container !== null && `. ${lot.container}`}. {lot.use_by !== null && !lot.is_barred && `Use by ${day(lot.use_by)}.`}
          {lot.frozen_since !== null && ` Frozen since ${day(lot.frozen_since)}: no day counts meanwhile.`}
          {lot.allergen !== null && ` Allergen: ${lot.allergen}.`}
        </Typography>
        <From history={found.data} />
        {lot.is_cooked_only && (
          <Typography sx={{ color: "secondary.main" }}>
            Cooked only: raw service needs its record of parasite destruction (Food Code 3-402.11); local codes decide.
          </Typography>
        )}
        {lot.pan_off_mg !== null && (
          <Typography sx={{ color: Math.abs(lot.pan_off_mg) > 0 ? "text.primary" : "text.secondary" }}>
            The container on the scale:{" "}
            {lot.pan_off_mg === 0 ? "as much as its pieces" : `${mass.signed(lot.pan_off_mg)} against its pieces`}.
          </Typography>
        )}
        <Typography sx={{ color: "text.secondary" }}>
          {mass.full(lot.mass_mg)} made = {[...went, `${mass.full(lot.on_hand_mg)} on hand`].join(" + ")}
        </Typography>
      </Box>
      {lot.is_barred && lot.on_hand_mg > 0 && (
        <Typography role="alert" sx={{ color: "error.main", fontWeight: 700 }}>
          Cooled too slowly: it goes in the bin, nowhere else. Local codes and the school’s licensed staff decide.
        </Typography>
      )}
      {lot.cooling !== null && <CoolingChart cooling={lot.cooling} />}
      {isOver(lot) && !lot.is_barred && mayRecord && (
        <Typography role="alert" sx={{ color: "error.main", fontWeight: 700 }}>
          Its day is over: bin it with its reason. Local codes and the school’s licensed staff decide.
        </Typography>
      )}
      {mayRecord && lot.on_hand_mg > 0 && <TakeOut key={lot.on_hand_mg} lot={lot} lots={lots} />}
      {mayRecord && lot.on_hand_mg > 0 && <LotActions lot={lot} lots={lots} />}
      <LabelLinks lots={lot.on_hand_mg > 0 ? [lot] : []} />
      <Section title="What was taken down">
        <LotHistory history={found.data} mayRecord={mayRecord} lots={lots} />
      </Section>
      {lots.last !== null && <UndoBar words={lots.last.words} onUndo={() => void lots.undo()} />}
    </Box>
  );
}
