import { useMemo, useState } from "react";
import { useParams, useSearchParams } from "react-router";
import { useDocument, useStandard } from "../../../api/useStandards";
import { Loading } from "../../../parts/Loading";
import { ProblemNotice } from "../../../parts/Notice";
import { draftOf } from "./draft";
import { DraftEditor } from "./DraftEditor";
import { KeptDraft } from "./KeptDraft";

/** Changes a standard, or makes another from it; after a reload, goes on with the draft that was kept. */
export function StandardEditor() {
  const [search] = useSearchParams();
  const [isKept] = useState(search.has("draft"));

  return isKept ? <KeptDraft /> : <FreshEditor />;
}

function FreshEditor() {
  const { standard = "" } = useParams();
  const opened = useStandard(standard);
  const document = useDocument(standard);
  const from = useMemo(() => (document.data === undefined ? null : draftOf(document.data)), [document.data]);
  const problem = opened.error ?? document.error;
  if (problem !== null && !(opened.data && document.data))
    return <ProblemNotice problem={problem} onRetry={() => void Promise.all([opened.refetch(), document.refetch()])} />;
  if (!opened.data || !document.data || from === null) return <Loading what="the standard" />;
  const { item, plan, usual_mg: usualMg, standing } = opened.data;

  return (
    <DraftEditor
      key={standard}
      from={from}
      base={{ key: document.data.key, title: item.title, version: item.version, address: `/standards/${item.id}` }}
      plan={plan}
      isOwnCarcass={standing === null}
      usualMg={usualMg}
    />
  );
}
