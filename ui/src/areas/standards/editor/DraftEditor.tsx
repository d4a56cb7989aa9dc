import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useEffect, useMemo, useRef, useState } from "react";
import { useBlocker, useNavigate, useSearchParams } from "react-router";
import type { CarcassPlan, KeptDraft } from "../../../api/types";
import { useDraftKeeping, type DraftKeeping } from "../../../api/useDrafts";
import { useCheck, usePublishStandard } from "../../../api/useStandards";
import { Unseen } from "../../../parts/Unseen";
import { useAskBeforeUnload } from "../../../parts/useAskBeforeUnload";
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
import { LeaveDraft } from "./LeaveDraft";
import { schoolWords, SchoolWordsContext } from "./schoolWords";
import { TryOut } from "./TryOut";

const tabs = {
  cuts: "Cuts",
  criteria: "Criteria",
  faults: "Faults",
  tray: "Tray",
  rules: "Rules",
  method: "Method",
  carcass: "Carcass",
  try: "Try it",
} as const;
type Tab = keyof typeof tabs;

const tabOf = (asked: string | null): Tab => (Object.keys(tabs) as Tab[]).find((it) => it === asked) ?? "cuts";

interface DraftEditorProps {
  from: Draft;
  /** The standard it was opened from; null where it is written from scratch. */
  base: { key: string; title: string; version: number; address: string } | null;
  plan: CarcassPlan | null;
  /** The school brought the carcass: its parts may come and go. */
  isOwnCarcass: boolean;
  usualMg: number | null;
  /** The draft as it was kept; left out where nothing is kept yet. */
  kept?: KeptDraft | undefined;
}

/** A draft, open: the map it is cut on, everything it says, and whether it adds up, said as one goes. */
export function DraftEditor({ from, base, plan, isOwnCarcass, usualMg, kept }: DraftEditorProps) {
  const [draft, setDraft] = useState(from);
  const isNew = draft.key !== base?.key;
  const [chosen, setChosen] = useState<string | null>(null);
  const check = useCheck(draft);
  const words = useMemo(() => schoolWords(check.data?.said ?? {}), [check.data?.said]);
  const publish = usePublishStandard();
  const navigate = useNavigate();
  const [search, setSearch] = useSearchParams();
  const [tab, setTab] = useState<Tab>(() => tabOf(search.get("tab")));
  const isChanged = draft !== from;
  const keeping = useDraftKeeping(draft, isChanged, kept ?? null);
  const isPublished = useRef(false);
  const isOpen = isChanged || kept !== undefined;
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) => isOpen && !isPublished.current && currentLocation.pathname !== nextLocation.pathname,
  );
  const { id: draftId } = keeping;
  // A reload finds the draft again.
  useEffect(() => {
    if (draftId !== null && kept === undefined) setSearch({ draft: draftId }, { replace: true });
  }, [draftId, kept, setSearch]);
  useAskBeforeUnload(keeping.state === "saving" || keeping.state === "failed");
  const publishIt = (): void =>
    publish.mutate(
      { document: draft, basedOn: isNew ? null : (base?.version ?? null) },
      {
        onSuccess: ({ item }) => {
          isPublished.current = true;
          void keeping.drop().then(() => navigate(`/standards/${item.id}`));
        },
      },
    );
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
      <Unseen component="h1">The draft</Unseen>
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "end", gap: 2, mb: 1 }}>
        <Field
          label="Title"
          value={draft.title ?? ""}
          onChange={(event) => setTitle(event.target.value)}
          sx={{ flex: 1, minWidth: 260 }}
          hint={`${isNew ? `A new standard: ${draft.key}` : `Becomes version ${check.data?.version ?? "…"} of ${draft.key}`}. What stands in { } is said in the school’s own words and units.`}
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
          onClick={publishIt}
          sx={{ mb: 3 }}
        >
          Publish
        </Button>
      </Box>
      <Kept keeping={keeping} />
      <Box sx={{ mb: 2 }}>
        <Tabs label="Tabs of the draft" tabs={tabs} current={tab} onTurn={setTab} />
      </Box>
      <SchoolWordsContext value={words}>
        <Box
          sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", md: "minmax(0, 42fr) minmax(0, 58fr)" }, gap: 3, alignItems: "start" }}
        >
          <DraftMap draft={draft} plan={plan} chosen={chosen} onChoose={setChosen} onChange={setDraft} />
          <Box sx={{ minWidth: 0 }}>
            <DraftCheck check={check.data} problem={publish.error ?? check.error} isNew={isNew} draft={draft} />
            {tab === "cuts" && (
              <DraftPieces
                draft={draft}
                expected={check.data?.expected ?? []}
                usualMg={usualMg}
                chosen={chosen}
                onChoose={setChosen}
                onChange={setDraft}
              />
            )}
            {tab === "criteria" && <DraftCriteria draft={draft} onChange={setDraft} />}
            {tab === "faults" && <DraftFaults draft={draft} onChange={setDraft} />}
            {tab === "tray" && <DraftTray draft={draft} onChange={setDraft} />}
            {tab === "rules" && <DraftRules draft={draft} onChange={setDraft} />}
            {tab === "method" && <DraftMethod draft={draft} onChange={setDraft} />}
            {tab === "carcass" && <DraftCarcass draft={draft} isOwn={isOwnCarcass} onChange={setDraft} />}
            {tab === "try" && <TryOut draft={draft} isSound={isSound} usualMg={usualMg} />}
          </Box>
        </Box>
      </SchoolWordsContext>
      <LeaveDraft blocker={blocker} keeping={keeping} />
    </Box>
  );
}

const keptWords: Record<DraftKeeping["state"], string> = {
  untouched: "",
  saving: "Keeping the draft …",
  kept: "The draft is kept.",
  elsewhere: "This draft was changed on another device meanwhile.",
  failed: "The server does not answer; the draft is not kept yet. It is tried again with the next change.",
};

/** Whether what is written is safe. */
function Kept({ keeping }: { keeping: DraftKeeping }) {
  const isAtRisk = keeping.state === "elsewhere" || keeping.state === "failed";

  return (
    <Box sx={{ display: "flex", alignItems: "center", gap: 1.5, minHeight: 30, mt: -1.5 }}>
      <Typography role="status" aria-label="Draft" variant="body2" sx={{ color: isAtRisk ? "error.main" : "text.secondary" }}>
        {keptWords[keeping.state]}
      </Typography>
      {keeping.state === "elsewhere" && (
        <Button size="small" onClick={keeping.saveOver}>
          Keep this one
        </Button>
      )}
    </Box>
  );
}
