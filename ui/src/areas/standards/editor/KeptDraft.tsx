import { useMemo } from "react";
import { useParams, useSearchParams } from "react-router";
import { useDraft } from "../../../api/useDrafts";
import { Loading } from "../../../parts/Loading";
import { ProblemNotice } from "../../../parts/Notice";
import { draftOf } from "./draft";
import { DraftEditor } from "./DraftEditor";

/** A draft that was kept, opened again. */
export function KeptDraft() {
  const { draft = null } = useParams();
  const [search] = useSearchParams();
  const kept = useDraft(draft ?? search.get("draft"));
  const document = kept.data?.document;
  const from = useMemo(() => (document === undefined ? null : draftOf(document)), [document]);
  if (kept.isPending) return <Loading what="the draft" />;
  if (kept.isLoadingError) return <ProblemNotice problem={kept.error} onRetry={() => void kept.refetch()} />;
  if (from === null) return null;
  const { base, plan, usual_mg: usualMg, is_own_carcass: isOwnCarcass } = kept.data;

  return (
    <DraftEditor
      key={kept.data.id}
      from={from}
      base={base === null ? null : { key: base.key, title: base.title, version: base.version, address: `/standards/${base.id}` }}
      plan={plan}
      isOwnCarcass={isOwnCarcass}
      usualMg={usualMg}
      kept={kept.data}
    />
  );
}
