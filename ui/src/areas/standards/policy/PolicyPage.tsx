import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { usePolicy } from "../../../api/usePolicy";
import { useUser } from "../../../api/useSession";
import { Rail } from "../../../app/Rail";
import { Loading } from "../../../parts/Loading";
import { ProblemNotice } from "../../../parts/Notice";
import { PolicySection } from "../PolicySection";
import { PolicyEditor } from "./PolicyEditor";
import { PolicyVersions } from "./PolicyVersions";

/** How the school turns what was weighed and seen into a grade; every change says what it would do before it is published. */
export function PolicyPage() {
  const policy = usePolicy();
  const { may_choose: mayChoose } = useUser();
  if (policy.isPending) return <Loading what="the grading policy" />;
  if (policy.isLoadingError) return <ProblemNotice problem={policy.error} onRetry={() => void policy.refetch()} />;

  return (
    <Box sx={{ px: 3, py: 2 }}>
      <Rail area="Standards" steps={[{ label: "Standards", to: "/standards" }, { label: "Grading policy" }]} />
      {mayChoose ? (
        <PolicyEditor policy={policy.data} />
      ) : (
        <>
          <Typography variant="h1">Grading policy</Typography>
          <PolicySection document={null} />
        </>
      )}
      <PolicyVersions versions={policy.data.versions} />
    </Box>
  );
}
