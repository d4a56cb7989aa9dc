import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { LotProposal, PutAway } from "../../api/types";
import { useUser } from "../../api/useSession";
import { counted, lowerFirst } from "../../parts/format";
import { useMassWords } from "../../parts/mass";
import { Section } from "../../parts/Section";
import { AccountStrip } from "./AccountStrip";
import { ChangedWeights } from "./ChangedWeights";
import { ColdTimes } from "./ColdTimes";
import { GibletSlip } from "./GibletSlip";
import { LabelLinks } from "./LabelLinks";
import { LotCard } from "./LotCard";
import { placeWords } from "./places";
import { ProposalRow, proposalName } from "./ProposalRow";
import { putAwayFacts, usualChoice, type Choice } from "./putAway";
import type { TakeLots } from "./useTakeLots";

const keyOf = (it: LotProposal): string => `${it.product} ${it.is_off}`;

/** The tables of one class: what lies there, each with where it goes; and what was put away. */
export function OnTables({ tables, lots }: { tables: PutAway; lots: TakeLots }) {
  const mass = useMassWords();
  const { may_capture: mayRecord } = useUser();
  const [choices, setChoices] = useState<Record<string, Choice>>({});
  const [weighsGiblets, setWeighsGiblets] = useState(false);
  const choiceOf = (it: LotProposal): Choice => choices[keyOf(it)] ?? usualChoice(it);
  const total = tables.proposals.reduce((sum, it) => sum + it.mass_mg, 0);
  const kept = tables.lots.filter((it) => it.on_hand_mg > 0);
  const putAway = (proposals: LotProposal[], words: string): void =>
    void lots.take(
      words,
      proposals.flatMap((it) => putAwayFacts(tables, it, choiceOf(it))),
    );
  const rows = (isPiece: boolean) =>
    tables.proposals
      .filter((it) => (it.kind === "piece") === isPiece)
      .map((it) => (
        <ProposalRow
          key={keyOf(it)}
          proposal={it}
          choice={choiceOf(it)}
          mayRecord={mayRecord}
          onChoose={(choice) => setChoices((before) => ({ ...before, [keyOf(it)]: choice }))}
          onPutAway={() => putAway([it], `${proposalName(it)} put away: ${lowerFirst(placeWords[choiceOf(it).place])}`)}
        />
      ));

  return (
    <Box sx={{ display: "grid", gap: 2.5 }}>
      <AccountStrip account={tables.account} />
      <ColdTimes tables={tables} />
      <ChangedWeights changed={tables.changed} />
      <Section title={tables.proposals.length === 0 ? "The tables are clear" : "On the tables"}>
        {tables.proposals.length === 0 ? (
          <Typography>
            {tables.lots.length === 0 ? "No weight of this class holds: nothing lies here yet." : "Every weight of this class is put away."}
          </Typography>
        ) : (
          <>
            {mayRecord && (
              <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 2, mb: 1 }}>
                <Button
                  variant="contained"
                  sx={{ minHeight: 64, fontSize: "1.25rem" }}
                  onClick={() => putAway(tables.proposals, `${counted(tables.proposals.length, "product")} put away`)}
                >
                  Put all of it away, {mass.bulk(total)}
                </Button>
                <Typography sx={{ color: "text.secondary" }}>Each goes where its row says.</Typography>
              </Box>
            )}
            {rows(true)}
            {rows(false)}
          </>
        )}
        {mayRecord && tables.giblets.length > 0 && (
          <Button sx={{ mt: 1.5 }} onClick={() => setWeighsGiblets(true)}>
            Giblets …
          </Button>
        )}
      </Section>
      {tables.lots.length > 0 && (
        <Section title={`Put away: ${counted(tables.lots.length, "lot")}`}>
          <LabelLinks lots={kept} />
          <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(250px, 1fr))", gap: 1 }}>
            {tables.lots.map((it) => (
              <LotCard key={it.id} lot={it} showsPractical={false} />
            ))}
          </Box>
        </Section>
      )}
      {weighsGiblets && <GibletSlip tables={tables} onTake={lots.take} onClose={() => setWeighsGiblets(false)} />}
    </Box>
  );
}
