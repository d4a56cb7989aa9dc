import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useParams } from "react-router";
import { useWritten } from "../../api/useWritten";
import { Rail } from "../../app/Rail";
import { day } from "../../parts/format";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { WriteAnswer } from "./WriteAnswer";

/** What a practical asks for in writing: prepared at home, handed in before the clock starts. */
export function WrittenPage() {
  const { attempt = "" } = useParams();
  const written = useWritten(attempt);
  if (written.isPending) return <Loading what="what is asked in writing" />;
  if (written.isLoadingError) return <ProblemNotice problem={written.error} onRetry={() => void written.refetch()} />;
  const { practical, held_on, standard, is_open: isOpen, questions } = written.data;

  return (
    <Box sx={{ px: { xs: 2, sm: 3 }, py: 2, maxWidth: 860 }}>
      <Rail area="Practice" steps={[{ label: "Practice", to: "/practice" }, { label: "Written answers" }]} />
      <Typography variant="h1">Written answers</Typography>
      <Typography sx={{ color: "text.secondary" }}>
        {practical}, {day(held_on)}. {standard}.{" "}
        {isOpen
          ? "They are judged with your tray. You can hand them in again until your clock starts; the last one counts."
          : "Your clock has started, or the practical is cancelled: what stands here is what is judged."}
      </Typography>
      {questions.length === 0 && <Notice title="Nothing is asked in writing">This practical is cut and weighed only.</Notice>}
      {questions.map((it) => (
        <WriteAnswer key={it.criterion} attempt={attempt} question={it} isOpen={isOpen} />
      ))}
    </Box>
  );
}
