import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link, useParams } from "react-router";
import type { QuizQuestion } from "../../api/types";
import { useFollowAlong, useOpener } from "../../api/usePractice";
import { useUser } from "../../api/useSession";
import { Rail } from "../../app/Rail";
import { useToday } from "../../offline/useToday";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { useKeys } from "../../parts/useKey";
import { Question } from "./Question";
import { QuizPictures } from "./QuizPictures";

/** Five questions for a whole class to begin with: on the wall by show of hands, on everybody's own screen the same ones. Nothing of it is kept. */
export function OpenerPage() {
  const { standard = "" } = useParams();
  const practice = useFollowAlong(standard);
  const opener = useOpener(standard, useToday());
  const [at, setAt] = useState(0);
  const { may_capture: isOnWall } = useUser();
  if (opener.isPending) return <Loading what="questions" />;
  if (opener.isLoadingError) return <ProblemNotice problem={opener.error} onRetry={() => void opener.refetch()} />;
  const title = practice.data?.title ?? "Practice";
  const question = opener.data[at];
  const next = (): void => setAt(at + 1);

  return (
    <Box sx={{ px: { xs: 2, sm: 4 }, py: 2, maxWidth: 1000, width: "100%", mx: "auto" }}>
      <Rail area="Practice" steps={[{ label: title, to: `/practice/${standard}` }, { label: "Opener" }]} />
      {question === undefined ? (
        <Notice title={opener.data.length === 0 ? "There is nothing to ask about" : "That was the opener"}>
          <Link to={`/practice/${standard}`}>To the standard</Link>
        </Notice>
      ) : isOnWall ? (
        <OnWall key={at} question={question} number={at + 1} count={opener.data.length} onNext={next} />
      ) : (
        <Question key={at} question={question} number={at + 1} count={opener.data.length} onAnswered={() => undefined} onNext={next} />
      )}
    </Box>
  );
}

interface OnWallProps {
  question: QuizQuestion;
  number: number;
  count: number;
  onNext: () => void;
}

/** First asked, then told: whoever teaches says when. */
function OnWall({ question, number, count, onNext }: OnWallProps) {
  const [isTold, setTold] = useState(false);
  const go = (): void => (isTold ? onNext() : setTold(true));
  useKeys((key) => {
    if (key !== " " && key !== "ArrowRight" && key !== "PageDown") return false;
    go();

    return true;
  });

  return (
    <Box component="section" aria-label={`Question ${number} of ${count}`} sx={{ display: "grid", gap: 3 }}>
      <Typography variant="label" sx={{ color: "text.secondary" }}>
        {number} of {count}
      </Typography>
      <Typography variant="h1" sx={{ fontSize: "clamp(28px, 5vw, 52px)", lineHeight: 1.15 }}>
        {question.ask}
      </Typography>
      <QuizPictures question={question} />
      <Box component="ol" sx={{ m: 0, p: 0, listStyle: "none", display: "grid", gap: 1 }}>
        {question.options.map((option, index) => (
          <Box
            component="li"
            key={option}
            sx={{
              display: "flex",
              alignItems: "center",
              gap: 2,
              px: 2,
              py: 1.25,
              fontSize: "clamp(19px, 2.6vw, 30px)",
              bgcolor: "background.paper",
              border: isTold && index === question.right ? "5px solid" : "2px solid",
              borderColor: isTold && index !== question.right ? "divider" : "text.primary",
              color: isTold && index !== question.right ? "text.secondary" : "text.primary",
            }}
          >
            <Typography variant="figure" sx={{ fontSize: "inherit", color: "secondary.main" }}>
              {index + 1}
            </Typography>
            {option}
          </Box>
        ))}
      </Box>
      <Typography role="status" sx={{ fontSize: "clamp(19px, 2.6vw, 28px)", minHeight: "2.6em" }}>
        {isTold && question.why}
      </Typography>
      <Button variant="contained" onClick={go} sx={{ minHeight: 64, fontSize: "1.3rem" }}>
        {!isTold ? "Show the answer" : number < count ? "Next question" : "End"}
      </Button>
    </Box>
  );
}
