import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Link, useParams } from "react-router";
import { useFollowAlong } from "../../api/usePractice";
import { Rail } from "../../app/Rail";
import { day, points } from "../../parts/format";
import { Loading } from "../../parts/Loading";
import { ProblemNotice } from "../../parts/Notice";
import { SmallMap } from "../../parts/SmallMap";
import { Worth } from "../../parts/Worth";
import { Cautions } from "./Cautions";

/** One standard to practise. */
export function PracticePage() {
  const { standard = "" } = useParams();
  const practice = useFollowAlong(standard);
  if (practice.isPending) return <Loading what="the standard" />;
  if (practice.isLoadingError) return <ProblemNotice problem={practice.error} onRetry={() => void practice.refetch()} />;
  const { title, steps, cautions, map, last } = practice.data;

  return (
    <Box sx={{ px: { xs: 2, sm: 3 }, py: 2, maxWidth: 760, width: "100%", mx: "auto" }}>
      <Rail area="Practice" steps={[{ label: "Practice", to: "/practice" }, { label: title }]} />
      <Typography variant="h1">{title}</Typography>
      <Box sx={{ my: 2, display: "grid", gridTemplateColumns: { xs: "1fr", sm: "240px 1fr" }, gap: 2, alignItems: "center" }}>
        <SmallMap map={map} height={240} />
        <Box sx={{ display: "grid", gap: 1.5 }}>
          {steps.length > 0 && (
            <Button component={Link} to={`/practice/${standard}/follow`} variant="contained" sx={{ minHeight: 64, fontSize: "1.3rem" }}>
              Follow along, {steps.length} steps
            </Button>
          )}
          <Button component={Link} to={`/practice/${standard}/quiz`} sx={{ minHeight: 64, fontSize: "1.3rem" }}>
            Ten questions
          </Button>
        </Box>
      </Box>
      {last !== null && (
        <Box sx={{ mb: 2.5 }}>
          <Typography variant="label" component="p" sx={{ color: "text.secondary", mb: 1 }}>
            Your last tray of this, <Link to={`/result/${last.attempt}`}>{day(last.held_on)}</Link>
            {last.total !== null && `: ${points(last.total)}, ${last.band ?? ""}`}
          </Typography>
          <Worth worth={last.worth} />
        </Box>
      )}
      <Cautions cautions={cautions} />
    </Box>
  );
}
