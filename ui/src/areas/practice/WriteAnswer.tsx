import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useRef, useState } from "react";
import type { WrittenQuestion } from "../../api/types";
import { useHandIn } from "../../api/useWritten";
import { useWrittenDraft, type WrittenDraft } from "../../offline/useWrittenDraft";
import { Field } from "../../parts/Field";
import { saidOf } from "../../parts/problems";

/** As long as a fact may be. */
const LONGEST = 2000;

interface WriteAnswerProps {
  attempt: string;
  question: WrittenQuestion;
  isOpen: boolean;
}

/** A question with the steps it is judged by, and the answer: being written, or as it was handed in. */
export function WriteAnswer({ attempt, question: asked, isOpen }: WriteAnswerProps) {
  const draft = useWrittenDraft(attempt, asked.criterion);
  const { title, question, levels, answer } = asked;

  return (
    <Box component="section" aria-label={title} sx={{ mt: 3 }}>
      <Typography variant="h2">{title}</Typography>
      <Typography sx={{ mb: 1 }}>{question}</Typography>
      {!isOpen && (
        <Typography sx={{ whiteSpace: "pre-wrap", overflowWrap: "anywhere" }}>{answer ?? "Nothing was handed in here."}</Typography>
      )}
      {isOpen && draft.first !== undefined && <Desk attempt={attempt} question={asked} draft={draft} first={draft.first ?? answer ?? ""} />}
      <Box component="details" sx={{ mt: 1 }}>
        <Box component="summary" sx={{ minHeight: 44, display: "list-item", alignContent: "center", cursor: "pointer" }}>
          The steps it is judged by
        </Box>
        <Box component="ol" sx={{ m: 0, pl: 3 }}>
          {levels.map((it) => (
            <li key={it}>{it}</li>
          ))}
        </Box>
      </Box>
    </Box>
  );
}

interface DeskProps {
  attempt: string;
  question: WrittenQuestion;
  draft: WrittenDraft;
  /** What stands there when one comes. */
  first: string;
}

function Desk({ attempt, question: { criterion, answer }, draft, first }: DeskProps) {
  const hand = useHandIn(attempt);
  const [text, setText] = useState(first);
  const written = useRef(first);
  const handIn = (): void =>
    hand.mutate(
      { criterion, text: text.trim() },
      // What was written on while it was under way stays on the device.
      { onSuccess: () => written.current === text && draft.drop() },
    );
  const isChanged = text.trim() !== (answer ?? "");

  return (
    <>
      <Field
        label="Your answer"
        value={text}
        multiline
        minRows={6}
        autoComplete="off"
        inputProps={{ maxLength: LONGEST }}
        hint={`${text.length} of ${LONGEST} letters. What you write stays on this device until you hand it in.`}
        onChange={({ target }) => {
          setText(target.value);
          written.current = target.value;
          draft.keep(target.value);
        }}
      />
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 2, mt: 1 }}>
        <Button variant="contained" disabled={!isChanged || text.trim() === "" || hand.isPending} onClick={handIn}>
          {answer === null ? "Hand it in" : "Hand it in again"}
        </Button>
        <Typography role="status" variant="body2">
          {standing(answer, isChanged)}
        </Typography>
      </Box>
      {hand.isError && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          {saidOf(hand.error)}
        </Typography>
      )}
    </>
  );
}

function standing(answer: string | null, isChanged: boolean): string {
  if (answer === null) return "Not handed in yet.";

  return isChanged ? "Changed since you handed it in." : "Handed in.";
}
