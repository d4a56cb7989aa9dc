import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMemo, useState } from "react";
import { useNavigate } from "react-router";
import type { CarcassPlan } from "../../../api/types";
import { useCheck, usePublishStandard } from "../../../api/useStandards";
import { Rail } from "../../../app/Rail";
import { Field } from "../../../parts/Field";
import { Tabs } from "../../../parts/Tabs";
import { asNew, slug, type Draft } from "./draft";
import { DraftCarcass } from "./DraftCarcass";
import { DraftCheck } from "./DraftCheck";
import { DraftCriteria } from "./DraftCriteria";
import { DraftFaults } from "./DraftFaults";
import { DraftMap } from "./DraftMap";
import { DraftMethod } from "./DraftMethod";
import { DraftPieces } from "./DraftPieces";
import { DraftRules } from "./DraftRules";
import { DraftTray } from "./DraftTray";
import { schoolWords, SchoolWordsContext } from "./schoolWords";
import { TryOut } from "./TryOut";

const sheets = {
  cuts: "Cuts",
  criteria: "Criteria",
  faults: "Faults",
  tray: "Tray",
  rules: "Rules",
  method: "Method",
  carcass: "Carcass",
  try: "Try it",
} as const;
type Sheet = keyof typeof sheets;

interface DraftDeskProps {
  from: Draft;
  /** The standard it was opened from; null where it is written from scratch. */
  base: { key: string; title: string; address: string } | null;
  plan: CarcassPlan | null;
  /** The school brought the carcass: its parts may come and go. */
  isOwnCarcass: boolean;
  usualMg: number | null;
}

/** A draft on the desk: the map it is cut on, everything it says, and whether it adds up, said as one goes. */
export function DraftEditor({ from, base, plan, isOwnCarcass, usualMg }: DraftDeskProps) {
  const [draft, setDraft] = useState(from);
  const [sheet, setSheet] = useState<Sheet>("cuts");
  const [chosen, setChosen] = useState<string | null>(null);
  const check = useCheck(draft);
  const words = useMemo(() => schoolWords(check.data?.said ?? {}), [check.data?.said]);
  const publish = usePublishStandard();
  const navigate = useNavigate();
  const isNew = draft.key !== base?.key;
  const isSound = check.data !== undefined && !check.isPlaceholderData && check.data.problems.length === 0;
  const setTitle = (title: string): void =>
    setDraft(base === null ? { ...draft, title, key: slug(title) || "new-standard" } : { ...draft, title });
  const steps =
    base === null
      ? [{ label: "Standards", to: "/standards" }, { label: "New standard" }]
      : [{ label: base.title, to: base.address }, { label: "Change it" }];

  return (
    <Box sx={{ px: 3, py: 2 }}>
      <Rail area="Standards" steps={steps} />
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "end", gap: 2, mb: 1 }}>
        <Field
          label="Title"
          value={draft.title ?? ""}
          onChange={(event) => setTitle(event.target.value)}
          sx={{ flex: 1, minWidth: 260 }}
          hint={isNew ? `A new standard: ${draft.key}` : `Becomes version ${check.data?.version ?? "…"} of ${draft.key}`}
        />
        {base !== null && (
          <Button
            disabled={isNew || (draft.title ?? "") === (from.title ?? "")}
            onClick={() => setDraft(asNew(draft, draft.title ?? ""))}
            sx={{ mb: 3 }}
          >
            Make it a new standard
          </Button>
        )}
        <Button
          variant="contained"
          disabled={!isSound || publish.isPending || (!isNew && check.data.changes.length === 0)}
          onClick={() => publish.mutate(draft, { onSuccess: ({ item }) => void navigate(`/standards/${item.id}`) })}
          sx={{ mb: 3 }}
        >
          Publish
        </Button>
      </Box>
      <Box sx={{ mb: 2 }}>
        <Tabs label="Tabs of the draft" sheets={sheets} current={sheet} onTurn={setSheet} />
      </Box>
      <SchoolWordsContext value={words}>
        <Box
          sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", md: "minmax(0, 42fr) minmax(0, 58fr)" }, gap: 3, alignItems: "start" }}
        >
          <DraftMap draft={draft} plan={plan} chosen={chosen} onChoose={setChosen} onChange={setDraft} />
          <Box sx={{ minWidth: 0 }}>
            <DraftCheck check={check.data} problem={publish.error ?? check.error} isNew={isNew} draft={draft} />
            {sheet === "cuts" && (
              <DraftPieces
                draft={draft}
                expected={check.data?.expected ?? []}
                usualMg={usualMg}
                chosen={chosen}
                onChoose={setChosen}
                onChange={setDraft}
              />
            )}
            {sheet === "criteria" && <DraftCriteria draft={draft} onChange={setDraft} />}
            {sheet === "faults" && <DraftFaults draft={draft} onChange={setDraft} />}
            {sheet === "tray" && <DraftTray draft={draft} onChange={setDraft} />}
            {sheet === "rules" && <DraftRules draft={draft} onChange={setDraft} />}
            {sheet === "method" && <DraftMethod draft={draft} onChange={setDraft} />}
            {sheet === "carcass" && <DraftCarcass draft={draft} isOwn={isOwnCarcass} onChange={setDraft} />}
            {sheet === "try" && <TryOut draft={draft} isSound={isSound} usualMg={usualMg} />}
          </Box>
        </Box>
      </SchoolWordsContext>
    </Box>
  );
}
