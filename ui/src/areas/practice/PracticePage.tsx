import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { v7 as uuid } from "uuid";
import { useFollowAlong, usePracticeAhead } from "../../api/usePractice";
import { useUser } from "../../api/useSession";
import { Rail } from "../../app/Rail";
import { counted } from "../../parts/format";
import { Loading } from "../../parts/Loading";
import { ProblemNotice } from "../../parts/Notice";
import { SmallMap } from "../../parts/SmallMap";
import { CallIt } from "./CallIt";
import { Cautions } from "./Cautions";
import { Tries } from "./Tries";
import { useSupervised } from "./useSupervised";
import { WorthMost } from "./WorthMost";

const none: string[] = [];

/** One standard to practise, and how one comes on with it. */
export function PracticePage() {
  const { standard = "" } = useParams();
  const { may_capture: mayCall } = useUser();
  const practice = useFollowAlong(standard);
  const [tray] = useState(() => uuid());
  const supervised = useSupervised();
  usePracticeAhead(practice.isSuccess ? [standard] : none);
  if (practice.isPending) return <Loading what="the standard" />;
  if (practice.isLoadingError) return <ProblemNotice problem={practice.error} onRetry={() => void practice.refetch()} />;
  const { title, steps, cautions, map, tries, worth, curve, due, reference, groups } = practice.data;

  return (
    <Box sx={{ px: { xs: 2, sm: 3 }, py: 2, maxWidth: 760, width: "100%", mx: "auto" }}>
      <Rail area="Practice" steps={[{ label: "Practice", to: "/practice" }, { label: title }]} />
      <Typography variant="h1">{title}</Typography>
      <Box sx={{ my: 2, display: "grid", gridTemplateColumns: { xs: "1fr", sm: "240px 1fr" }, gap: 2, alignItems: "center" }}>
        <SmallMap map={map} height={240} />
        <Box sx={{ display: "grid", gap: 1.5 }}>
          {steps.length > 0 && (
            <Button
              component={Link}
              to={`/practice/${standard}/follow`}
              variant="contained"
              sx={{ minHeight: 64, fontSize: "1.3rem", textAlign: "center" }}
            >
              Follow along, {counted(steps.length, "step")}
            </Button>
          )}
          <Button component={Link} to={`/practice/${standard}/quiz`} sx={{ minHeight: 64, fontSize: "1.3rem", textAlign: "center" }}>
            Ten questions{due > 0 && `, ${due} due`}
          </Button>
          <Button
            component={Link}
            to={`/practice/${standard}/tray/${tray}`}
            sx={{ minHeight: 64, fontSize: "1.3rem", textAlign: "center" }}
          >
            {supervised ? "Log a tray cut under supervision" : "Log a practice tray"}
          </Button>
          {reference !== null && reference.splits.length > 0 && (
            <Button
              component={Link}
              to={`/practice/${standard}/demonstration`}
              sx={{ minHeight: 64, fontSize: "1.3rem", textAlign: "center" }}
            >
              The reference by the clock
            </Button>
          )}
          {mayCall && steps.length > 0 && <CallIt standard={standard} groups={groups} />}
        </Box>
      </Box>
      <WorthMost standard={standard} worth={worth} />
      <Tries standard={standard} tries={tries} curve={curve} />
      <Cautions cautions={cautions} />
    </Box>
  );
}
