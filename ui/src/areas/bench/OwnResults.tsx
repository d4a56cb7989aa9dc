import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import { useOwnResults } from "../../api/useBench";
import { Rail } from "../../app/Rail";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { dayInFull, points } from "../../parts/format";

/** A student's Bench: their own released results. */
export function OwnResults() {
  const results = useOwnResults();
  if (results.isPending) return <Loading what="your results" />;
  if (results.isLoadingError) return <ProblemNotice problem={results.error} onRetry={() => void results.refetch()} />;

  return (
    <Box sx={{ p: 3, maxWidth: 760, width: "100%", mx: "auto" }}>
      <Rail area="Your results" />
      <Typography variant="h1" gutterBottom>
        Your results
      </Typography>
      {results.data.length === 0 && (
        <Notice title="No result is released yet">It appears here when your instructor releases it, with every reason.</Notice>
      )}
      {results.data.map((result) => (
        <ButtonBase
          key={result.attempt}
          component={Link}
          to={`/result/${result.attempt}`}
          sx={{
            display: "flex",
            width: "100%",
            gap: 2,
            p: 2,
            mb: 1.5,
            textAlign: "left",
            bgcolor: "background.paper",
            border: "2px solid",
            borderColor: "text.primary",
            "&:hover": { borderColor: "secondary.main" },
          }}
        >
          <Box sx={{ flex: 1 }}>
            <Typography variant="h3" component="p">
              {result.practical}
            </Typography>
            <Typography sx={{ color: "text.secondary" }}>
              {dayInFull(result.held_on)}
              {result.version > 1 && `, version ${result.version}`}
            </Typography>
          </Box>
          <Typography variant="h2" component="p">
            {result.band}
          </Typography>
          <Typography variant="h2" component="p">
            {result.total === null ? "" : points(result.total)}
          </Typography>
        </ButtonBase>
      ))}
    </Box>
  );
}
