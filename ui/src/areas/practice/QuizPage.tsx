import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link, useParams } from "react-router";
import type { PracticeFact, QuizQuestion } from "../../api/types";
import { useDue, useFollowAlong, usePracticeAhead } from "../../api/usePractice";
import { Rail } from "../../app/Rail";
import { useCaptureQueue } from "../../offline/Sending";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import type { How } from "./offBy";
import { Question } from "./Question";

const none: string[] = [];

/** Ten questions about a standard, made from it: what is due again first. */
export function QuizPage() {
  const { standard = "" } = useParams();
  const [round, setRound] = useState(1);
  const practice = useFollowAlong(standard);
  const quiz = useDue(standard, round);
  const title = practice.data?.title ?? "";
  usePracticeAhead(quiz.isSuccess ? [standard] : none, round + 1);
  // Yesterday's round is shown where there is no network for today's, and not a moment before it is replaced.
  if (quiz.isPending || (quiz.fetchStatus === "fetching" && quiz.isStale)) return <Loading what="questions" />;
  if (quiz.isLoadingError) return <ProblemNotice problem={quiz.error} onRetry={() => void quiz.refetch()} />;

  return (
    <Box sx={{ px: { xs: 2, sm: 3 }, py: 2, maxWidth: 760, width: "100%", mx: "auto" }}>
      <Rail
        area="Practice"
        steps={[{ label: title === "" ? "Practice" : title, to: `/practice/${standard}` }, { label: "Ten questions" }]}
      />
      {quiz.data.length === 0 ? (
        <Notice title="There is nothing to ask about">This standard has too little in it for questions.</Notice>
      ) : (
        <Round key={round} questions={quiz.data} standard={standard} onNext={() => setRound(round + 1)} />
      )}
    </Box>
  );
}

interface RoundProps {
  questions: QuizQuestion[];
  standard: string;
  onNext: () => void;
}

/** One question after the other; at the end what was missed, with what the standard says. */
function Round({ questions, standard, onNext }: RoundProps) {
  const { takePractice } = useCaptureQueue();
  const [asked, setAsked] = useState(questions);
  const [at, setAt] = useState(0);
  const [missed, setMissed] = useState<QuizQuestion[]>([]);
  const question = asked[at];
  if (question !== undefined)
    return (
      <Question
        key={`${asked.length} ${at}`}
        question={question}
        number={at + 1}
        count={asked.length}
        onAnswered={(how) => {
          if (how !== "right") setMissed([...missed, question]);
          // Asked once more in the same round it is still what it was the first time.
          if (asked === questions) void takePractice(standard, answerTo(question, how));
        }}
        onNext={() => setAt(at + 1)}
      />
    );
  const again = (): void => {
    setAsked(missed);
    setMissed([]);
    setAt(0);
  };

  return (
    <Box sx={{ display: "grid", gap: 2 }}>
      <Typography variant="h1">
        {asked.length - missed.length} of {asked.length}
      </Typography>
      {missed.length === 0 ? (
        <Typography>Every one. Take another round, or go and cut.</Typography>
      ) : (
        <Box component="ul" aria-label="What to look at again" sx={{ m: 0, p: 0, listStyle: "none" }}>
          {missed.map((it) => (
            <Box component="li" key={`${it.kind} ${it.about}`} sx={{ py: 1, borderBottom: "1px solid", borderColor: "divider" }}>
              <Typography sx={{ fontWeight: 700 }}>{it.ask}</Typography>
              <Typography>{it.why}</Typography>
            </Box>
          ))}
        </Box>
      )}
      <Typography sx={{ color: "text.secondary" }}>What you missed comes back tomorrow, what you knew later and later.</Typography>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5 }}>
        {missed.length > 0 && (
          <Button variant="contained" onClick={again}>
            Those {missed.length} again
          </Button>
        )}
        <Button onClick={onNext}>Another round</Button>
        <Button component={Link} to={`/practice/${standard}`}>
          Back to the standard
        </Button>
      </Box>
    </Box>
  );
}

const answerTo = ({ kind, about }: QuizQuestion, how: How): PracticeFact => ({ kind: "answer", question: kind, about, how });
