import { useParams } from "react-router";
import { useDocument, useStandard } from "../../../api/useStandards";
import { Loading, ProblemNotice } from "../../../parts/Notice";
import { draftOf } from "./draft";
import { DraftEditor } from "./DraftEditor";

/** Changes a standard, or makes another from it. */
export function StandardEditor() {
  const { standard = "" } = useParams();
  const opened = useStandard(standard);
  const document = useDocument(standard);
  const problem = opened.error ?? document.error;
  if (problem !== null) return <ProblemNotice problem={problem} onRetry={() => void Promise.all([opened.refetch(), document.refetch()])} />;
  if (!opened.data || !document.data) return <Loading what="the standard" />;
  const { item, plan, usual_mg: usualMg, standing } = opened.data;

  return (
    <DraftEditor
      key={standard}
      from={draftOf(document.data)}
      base={{ key: document.data.key, title: item.title, address: `/standards/${item.id}` }}
      plan={plan}
      isOwnCarcass={standing === null}
      usualMg={usualMg}
    />
  );
}
