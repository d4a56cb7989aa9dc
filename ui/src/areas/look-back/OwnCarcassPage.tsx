import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useParams } from "react-router";
import type { CarcassQuestion, OwnCarcasses } from "../../api/types";
import { useUser } from "../../api/useSession";
import { useOwnCarcasses } from "../../api/useStandardLook";
import { counted } from "../../parts/format";
import { Loading } from "../../parts/Loading";
import { ProblemNotice } from "../../parts/Notice";
import { Section } from "../../parts/Section";
import { CarcassEffect } from "./CarcassEffect";
import { CarcassOpenData } from "./CarcassOpenData";
import { CarcassQuestions } from "./CarcassQuestions";
import { LookFrame } from "./LookFrame";
import { OwnWindows } from "./OwnWindows";
import { PublishSlip } from "./PublishSlip";

/** What the school's own carcasses weigh, the windows that follow from it, and what those would have changed. */
export function OwnCarcassPage() {
  const { standard = "" } = useParams();
  const [asked, setAsked] = useState<CarcassQuestion>({ size: "all", source: "own", coverage: 0.95, confidence: 0.9 });
  const own = useOwnCarcasses(standard, asked);
  if (own.isPending) return <Loading what="the carcasses" />;
  if (own.isLoadingError) return <ProblemNotice problem={own.error} onRetry={() => void own.refetch()} />;

  return (
    <LookFrame look="carcasses" standard={{ id: own.data.standard, key: own.data.key }}>
      <Box sx={{ display: "grid", gap: 4, gridTemplateColumns: "minmax(0, 1fr)" }} aria-busy={own.isPlaceholderData}>
        <Box>
          <CarcassQuestions own={own.data} asked={asked} onAsk={setAsked} />
          <Standing own={own.data} />
        </Box>
        <OwnWindows own={own.data} asked={asked} />
        {own.data.proposes && (
          <Section title="What it would have changed">
            <CarcassEffect standard={standard} asked={asked}>
              <Publish own={own.data} asked={asked} isOld={own.isPlaceholderData} />
            </CarcassEffect>
          </Section>
        )}
        <CarcassOpenData own={own.data} />
      </Box>
    </LookFrame>
  );
}

/** How many carcasses speak, and how many more it takes. */
function Standing({ own: { records, at_least: atLeast, apart, pieces, proposes } }: { own: OwnCarcasses }) {
  const least = Math.min(...pieces.map((it) => it.trays));

  return (
    <Typography sx={{ mt: 1.5 }}>
      {counted(records, "carcass", "carcasses")} whose weights add up
      {apart > 0 && `; ${counted(apart, "tray")} whose weights do not add up ${apart === 1 ? "is" : "are"} left out`}.{" "}
      {!proposes &&
        (records < atLeast
          ? `Windows are proposed from ${atLeast} on: ${atLeast - records} more.`
          : "No window is proposed: pieces are judged by mass here, or too few of them were weighed.")}
      {proposes && least < atLeast && `Where fewer than ${atLeast} trays weighed a piece, its window stays.`}
    </Typography>
  );
}

function Publish({ own, asked, isOld }: { own: OwnCarcasses; asked: CarcassQuestion; isOld: boolean }) {
  const { may_publish: mayPublish } = useUser();
  const [isOpen, setOpen] = useState(false);
  if (!mayPublish) return <Typography sx={{ mt: 2 }}>An instructor can publish this as a new version of the standard.</Typography>;

  return (
    <>
      <Button variant="contained" disabled={isOld} onClick={() => setOpen(true)} sx={{ mt: 2, "@media print": { display: "none" } }}>
        Publish as version {own.version + 1}
      </Button>
      {isOpen && <PublishSlip own={own} asked={asked} onClose={() => setOpen(false)} />}
    </>
  );
}
