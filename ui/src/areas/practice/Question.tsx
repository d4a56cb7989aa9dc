import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useEffect, useRef, useState, type FormEvent } from "react";
import type { QuizQuestion } from "../../api/types";
import { useMassWords } from "../../parts/mass";
import { MassField } from "../../parts/MassField";
import { useKeys } from "../../parts/useKey";
import { howOf, offBy, type How } from "./offBy";
import { QuizPictures } from "./QuizPictures";

interface QuestionProps {
  question: QuizQuestion;
  number: number;
  count: number;
  onAnswered: (how: How) => void;
  onNext: () => void;
}

/** A question, its answers, and why: first answered, then told. */
export function Question({ question, number, count, onAnswered, onNext }: QuestionProps) {
  const [said, setSaid] = useState<{ isRight: boolean; words: string } | null>(null);
  const next = useRef<HTMLButtonElement>(null);
  const tell = (how: How, words: string): void => {
    setSaid({ isRight: how === "right", words });
    onAnswered(how);
  };
  useEffect(() => {
    if (said !== null) next.current?.focus();
  }, [said]);

  return (
    <Box component="section" aria-label={`Question ${number} of ${count}`} sx={{ display: "grid", gap: 2 }}>
      <Typography variant="label" sx={{ color: "text.secondary" }}>
        {number} of {count}
      </Typography>
      <Typography variant="h1" sx={{ fontSize: "clamp(24px, 5vw, 34px)", lineHeight: 1.2 }}>
        {question.ask}
      </Typography>
      <QuizPictures question={question} />
      {question.mass === null ? (
        <Options
          question={question}
          isTold={said !== null}
          onChoose={(at) => (at === question.right ? tell("right", "Right.") : tell("missed", "Not this one."))}
        />
      ) : (
        <Estimate mass={question.mass} isTold={said !== null} onTell={tell} />
      )}
      <Box role="status" sx={{ minHeight: 72 }}>
        {said !== null && (
          <Typography
            sx={{ borderLeft: "5px solid", borderColor: said.isRight ? "text.primary" : "error.main", pl: 2, fontSize: "1.1rem" }}
          >
            <Box component="strong" sx={{ color: said.isRight ? "text.primary" : "error.main" }}>
              {said.words}
            </Box>{" "}
            {question.why}
          </Typography>
        )}
      </Box>
      {said !== null && (
        <Button ref={next} variant="contained" onClick={onNext} sx={{ minHeight: 64, fontSize: "1.2rem" }}>
          {number < count ? "Next question" : "How it went"}
        </Button>
      )}
    </Box>
  );
}

interface OptionsProps {
  question: QuizQuestion;
  isTold: boolean;
  onChoose: (at: number) => void;
}

function Options({ question, isTold, onChoose }: OptionsProps) {
  const [chosen, setChosen] = useState<number | null>(null);
  const choose = (at: number): void => {
    setChosen(at);
    onChoose(at);
  };
  useKeys((key) => {
    const at = Number(key) - 1;
    if (isTold || question.options[at] === undefined) return false;
    choose(at);

    return true;
  });

  return (
    <Box role="group" aria-label="Answers" sx={{ display: "grid", gap: 1 }}>
      {question.options.map((option, at) => {
        const isRight = isTold && at === question.right;
        const isWrong = isTold && at === chosen && !isRight;

        return (
          <Button
            key={option}
            disabled={isTold}
            onClick={() => choose(at)}
            sx={{
              justifyContent: "flex-start",
              textAlign: "left",
              minHeight: 60,
              fontSize: "1.12rem",
              gap: 1.5,
              "&.Mui-disabled": {
                color: isRight || isWrong ? "text.primary" : "text.secondary",
                borderColor: isRight ? "text.primary" : isWrong ? "error.main" : "divider",
                ...(isRight && { borderWidth: 4 }),
              },
            }}
          >
            <Box component="span" aria-hidden sx={{ color: "text.secondary", minWidth: 16 }}>
              {at + 1}
            </Box>
            <span>{option}</span>
            {(isRight || isWrong) && (
              <Box component="span" sx={{ ml: "auto", fontWeight: 700, color: isWrong ? "error.main" : "text.primary" }}>
                {isRight ? "right" : "not this"}
              </Box>
            )}
          </Button>
        );
      })}
    </Box>
  );
}

interface EstimateProps {
  mass: NonNullable<QuizQuestion["mass"]>;
  isTold: boolean;
  onTell: (how: How, words: string) => void;
}

/** A mass is guessed: within the window is right, and outside it is said by how much. */
function Estimate({ mass: wanted, isTold, onTell }: EstimateProps) {
  const mass = useMassWords();
  const [typed, setTyped] = useState<number | null>(null);
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (typed === null || isTold) return;
    const off = offBy(wanted, typed);
    onTell(howOf(wanted, typed), off === 0 ? "Within the window." : `${mass.full(off)} too ${typed < wanted.low_mg ? "little" : "much"}.`);
  };

  return (
    <Box component="form" onSubmit={submit} sx={{ display: "grid", gridTemplateColumns: "1fr auto", gap: 1, alignItems: "center" }}>
      <MassField label="Your guess" hint="In g, kg, oz or lb." autoFocus onMass={setTyped} />
      <Button type="submit" disabled={typed === null || isTold}>
        Say it
      </Button>
    </Box>
  );
}
