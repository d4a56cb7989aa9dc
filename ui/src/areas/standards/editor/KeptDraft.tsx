import { useParams, useSearchParams } from "react-router";
import { useDraft } from "../../../api/useDrafts";
import { Loading, ProblemNotice } from "../../../parts/Notice";
import { DraftEditor } from "./DraftEditor";

/** A draft that was kept, opened again. */
export function KeptDraft() {
  const { draft = null } = useParams();
  const [search] = useSearchParams();
  const kept = useDraft(draft ?? search.get("draft"));
  if (kept.isPending) return <Loading what="the draft" />;
  if (kept.isError) return <ProblemNotice problem={kept.error} onRetry={() => void kept.refetch()} />;
  const { document, base, plan, usual_mg: usualMg, is_own_carcass: isOwnCarcass } = kept.data;

  return (
    <DraftEditor
      key={kept.data.id}
      from={document}
      base={base === null ? null : { key: base.key, title: base.title, version: base.version, address: `/standards/${base.id}` }}
      plan={plan}
      isOwnCarcass={isOwnCarcass}
      usualMg={usualMg}
      kept={kept.data}
    />
  );
}
