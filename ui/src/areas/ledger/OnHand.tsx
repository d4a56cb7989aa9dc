import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Lot } from "../../api/types";
import { useNeeds, useOnHand } from "../../api/useLedger";
import { useUser } from "../../api/useSession";
import { counted } from "../../parts/format";
import { useMassWords } from "../../parts/mass";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { Section } from "../../parts/Section";
import { useWaitingLots } from "../../offline/useWaiting";
import { needsWith, onHandWith } from "../../offline/withLots";
import { CoversSlip } from "./CoversSlip";
import { LabelLinks } from "./LabelLinks";
import { LedgerPage } from "./LedgerPage";
import { LotCard } from "./LotCard";
import { Needs } from "./Needs";
import { NeedSlip } from "./NeedSlip";
import { useTakeLots } from "./useTakeLots";

const SOON_DAYS = 2;

const BARRED = "Barred";

const shelves: { title: string; holds: (lot: Lot) => boolean; note?: string }[] = [
  { title: BARRED, holds: (it) => it.is_barred, note: "Cooled too slowly: it goes in the bin, nowhere else." },
  {
    title: "Over its day",
    holds: (it) => it.frozen_since === null && it.days_left !== null && it.days_left < 0,
    note: "Not to be used any more: bin it with its reason.",
  },
  { title: "Last day today", holds: (it) => it.days_left === 0 },
  {
    title: "Gone within two days",
    holds: (it) => it.days_left !== null && it.days_left > 0 && it.days_left <= SOON_DAYS,
    note: "Use it, or freeze it today: days in the freezer do not count.",
  },
  { title: "Later", holds: (it) => it.frozen_since === null && (it.days_left === null || it.days_left > SOON_DAYS) },
  { title: "In the freezer", holds: (it) => it.frozen_since !== null },
];

/** Shelves of what is on hand: what must go first stands first. */
export function OnHand() {
  const onHand = useOnHand();
  const waiting = useWaitingLots();
  const mass = useMassWords();
  const taking = useTakeLots();
  const { may_capture: mayRecord } = useUser();
  const needs = useNeeds();
  const [slip, setSlip] = useState<"covers" | "need" | null>(null);
  if (onHand.isPending) return <Loading what="the shelves" />;
  if (onHand.data === undefined) return <ProblemNotice problem={onHand.error} onRetry={() => void onHand.refetch()} />;
  const { lots, has_more: hasMore } = onHandWith(onHand.data, waiting);
  const asked = needs.data === undefined ? [] : needsWith(needs.data, waiting).needs;
  const total = lots.reduce((sum, it) => sum + it.on_hand_mg, 0);

  return (
    <LedgerPage
      page="/ledger/on-hand"
      lots={taking}
      aside={
        <>
          <Typography variant="label">
            {counted(lots.length, "lot")}, <Typography variant="figure">{mass.bulk(hasMore ? onHand.data.on_hand_mg : total)}</Typography>
          </Typography>
          {mayRecord && needs.data !== undefined && <Button onClick={() => setSlip("need")}>Ask for …</Button>}
          {lots.length > 0 && <Button onClick={() => setSlip("covers")}>Covers …</Button>}
        </>
      }
    >
      {onHand.isError && (
        <Typography role="status" sx={{ mb: 1, color: "text.secondary" }}>
          This is what was last heard; the server does not answer.
        </Typography>
      )}
      {lots.length === 0 && (
        <Notice title="Nothing is on hand">Put a class away under Today, and it stands here by the day it must be gone.</Notice>
      )}
      {needs.data !== undefined && asked.length > 0 && (
        <Box sx={{ mb: 2.5 }}>
          <Section title="Asked for">
            <Needs needs={asked} mayRecord={mayRecord} lots={taking} />
          </Section>
        </Box>
      )}
      <Box sx={{ display: "grid", gap: 2.5 }}>
        {shelves.map(({ title, holds, note }) => {
          const here = lots.filter((it) => holds(it) && (!it.is_barred || title === BARRED));

          return (
            here.length > 0 && (
              <Section key={title} title={`${title}: ${mass.bulk(here.reduce((sum, it) => sum + it.on_hand_mg, 0))}`}>
                {note !== undefined && <Typography sx={{ mb: 1 }}>{note}</Typography>}
                <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(250px, 1fr))", gap: 1 }}>
                  {here.map((it) => (
                    <LotCard key={it.id} lot={it} showsPractical spare={needs.data?.spare.find(({ lot }) => lot === it.id)} />
                  ))}
                </Box>
              </Section>
            )
          );
        })}
      </Box>
      {hasMore && <Typography sx={{ mt: 2 }}>There is more: those that must go first are shown.</Typography>}
      <Box sx={{ mt: 2 }}>
        <LabelLinks lots={lots.slice(0, MOST_LABELS)} />
      </Box>
      {slip === "need" && needs.data !== undefined && <NeedSlip needs={needs.data} onAsk={taking.take} onClose={() => setSlip(null)} />}
      {slip === "covers" && (
        <CoversSlip
          lots={lots.filter((it) => it.use === null && !it.is_off)}
          mayRecord={mayRecord}
          onTake={taking.take}
          onClose={() => setSlip(null)}
        />
      )}
    </LedgerPage>
  );
}

const MOST_LABELS = 100;
