import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useNavigate, useParams } from "react-router";
import type { OpenStandard, Standard } from "../../api/types";
import { useCheck, usePublishStandard, useStandard } from "../../api/useStandards";
import { Rail } from "../../app/Rail";
import { CutMap } from "../../parts/CutMap";
import { Field } from "../../parts/Field";
import { Loading, ProblemNotice } from "../../parts/Notice";
import { asNew, holderOf, movePart } from "./draft";
import { DraftCheck } from "./DraftCheck";
import { DraftPieces } from "./DraftPieces";
import { DraftTimes } from "./DraftTimes";
import { holdersOf } from "./holders";

/** Changes a standard, or makes another from it: parts are moved on the cut map, and whether it adds up is said as one goes. */
export function StandardEditor() {
  const { standard = "" } = useParams();
  const query = useStandard(standard);
  if (query.isPending) return <Loading what="the standard" />;
  if (query.isError) return <ProblemNotice problem={query.error} onRetry={() => void query.refetch()} />;

  return <Draft key={standard} from={query.data} />;
}

function Draft({ from }: { from: OpenStandard }) {
  const [draft, setDraft] = useState<Standard>(from.document);
  const [chosen, setChosen] = useState<string | null>(null);
  const check = useCheck(draft);
  const publish = usePublishStandard();
  const navigate = useNavigate();
  const titleOf = (part: string): string => draft.carcass.parts.find((it) => it.id === part)?.title ?? part;
  const move = (part: string, to: string): void => {
    setDraft((it) => movePart(it, part, to));
    setChosen(null);
  };
  const tap = (part: string): void => {
    if (chosen === null || chosen === part) {
      setChosen(chosen === part ? null : part);
      return;
    }
    const to = holderOf(draft, part);
    if (to !== undefined) move(chosen, to);
  };
  const isNew = draft.key !== from.document.key;
  const mayPublish =
    check.data !== undefined && !check.isPlaceholderData && check.data.problems.length === 0 && (isNew || check.data.changes.length > 0);

  return (
    <Box sx={{ px: 3, py: 2 }}>
      <Rail area="Standards" steps={[{ label: from.item.title, to: `/standards/${from.item.id}` }, { label: "Change it" }]} />
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "end", gap: 2, mb: 2 }}>
        <Field
          label="Title"
          value={draft.title ?? ""}
          onChange={(event) => setDraft({ ...draft, title: event.target.value })}
          sx={{ flex: 1, minWidth: 260 }}
          hint={isNew ? `A new standard: ${draft.key}` : `Becomes version ${check.data?.version ?? "…"} of ${draft.key}`}
        />
        <Button
          disabled={isNew || (draft.title ?? "") === (from.document.title ?? "")}
          onClick={() => setDraft(asNew(draft, draft.title ?? ""))}
          sx={{ mb: 3 }}
        >
          Make it a new standard
        </Button>
        <Button
          variant="contained"
          disabled={!mayPublish || publish.isPending}
          onClick={() => publish.mutate(draft, { onSuccess: ({ item }) => void navigate(`/standards/${item.id}`) })}
          sx={{ mb: 3 }}
        >
          Publish
        </Button>
      </Box>
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", md: "minmax(0, 44fr) minmax(0, 56fr)" }, gap: 3, alignItems: "start" }}>
        <Box sx={{ position: { md: "sticky" }, top: { md: 12 } }}>
          <Typography role="status" sx={{ minHeight: "2.9em", color: chosen === null ? "text.secondary" : "secondary.main" }}>
            {chosen === null
              ? "Choose a part on the map, then a part of the cut it should go to."
              : `${titleOf(chosen)} is chosen: choose a part of the cut it should go to, or a cut in the list.`}
          </Typography>
          <Box sx={{ height: { xs: 520, md: "min(600px, calc(100vh - 260px))" } }}>
            <CutMap
              plan={from.plan}
              parts={draft.carcass.parts}
              holders={holdersOf(draft)}
              chosen={chosen}
              onChoose={tap}
              chooses="part"
              describe={() => ""}
            />
          </Box>
        </Box>
        <Box sx={{ minWidth: 0 }}>
          <DraftCheck check={check.data} problem={publish.error ?? check.error} isNew={isNew} />
          <DraftPieces
            draft={draft}
            expected={check.data?.expected ?? []}
            chosen={chosen}
            titleOf={titleOf}
            onMove={move}
            onChoose={setChosen}
            onChange={setDraft}
          />
          <DraftTimes draft={draft} onChange={setDraft} />
        </Box>
      </Box>
    </Box>
  );
}
