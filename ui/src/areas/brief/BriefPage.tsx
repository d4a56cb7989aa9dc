import { useParams } from "react-router";
import { useBrief } from "../../api/useBriefs";
import { Loading } from "../../parts/Loading";
import { ProblemNotice } from "../../parts/Notice";
import { BriefEditor } from "./BriefEditor";
import { SetPractical } from "./SetPractical";

/** One practical as it is planned; once it is set, as it was set. */
export function BriefPage() {
  const { brief = "" } = useParams();
  const query = useBrief(brief);
  if (query.isPending) return <Loading what="the brief" />;
  if (query.isLoadingError) return <ProblemNotice problem={query.error} onRetry={() => void query.refetch()} />;

  return query.data.set_at === null ? <BriefEditor key={query.data.id} opened={query.data} /> : <SetPractical brief={query.data} />;
}
