import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import type { Criterion } from "../../api/types";
import { CriterionBox } from "../../parts/CriterionBox";

interface StepsRowProps {
  criterion: Criterion;
  /** Under its title. */
  note: string;
  /** Somebody has to decide: framed in red. */
  isOpen: boolean;
  /** Who decided, and why; nothing where nobody has. */
  said: string;
  /** Who stands on which step. */
  marks: { level: number; text: string }[];
  ringed: number | undefined;
  isShut: boolean;
  /** What the student handed in, where it is asked in writing. */
  answer?: string | undefined;
  onStep: (level: number) => void;
}

/** A criterion with its steps; on each stands who gave it. A tap on a step decides for it. */
export function StepsRow({ criterion, note, isOpen, said, marks, ringed, isShut, answer, onStep }: StepsRowProps) {
  return (
    <CriterionBox
      criterion={criterion}
      answer={answer}
      borderColor={isOpen ? "error.main" : "divider"}
      heading="h2"
      about={
        <>
          <Typography variant="caption" sx={{ display: "block", color: isOpen ? "error.main" : "text.secondary" }}>
            {note}
          </Typography>
          {said !== "" && (
            <Typography variant="caption" sx={{ display: "block" }}>
              {said}
            </Typography>
          )}
        </>
      }
    >
      {criterion.levels.map((it, level) => {
        const given = marks.filter((mark) => mark.level === level);

        return (
          <ButtonBase
            key={it.text}
            disabled={isShut}
            onClick={() => onStep(level)}
            aria-pressed={ringed === level}
            sx={{
              flexDirection: "column",
              alignItems: "flex-start",
              justifyContent: "flex-start",
              textAlign: "left",
              minHeight: 64,
              p: 1.25,
              gap: 0.5,
              borderLeft: { sm: level === 0 ? "none" : "1px solid" },
              borderTop: { xs: level === 0 ? "none" : "1px solid", sm: "none" },
              borderColor: { xs: "divider", sm: "divider" },
              bgcolor: given.length > 0 ? "background.default" : undefined,
              "&:hover": { bgcolor: "background.default" },
              ...(ringed === level && { boxShadow: (theme) => `inset 0 0 0 3px ${theme.vars?.palette.text.primary ?? ""}` }),
            }}
          >
            <Typography variant="figure" component="span" sx={{ fontSize: 19, lineHeight: 1 }}>
              {level + 1}
            </Typography>
            <Typography variant="body2" component="span" sx={{ fontSize: 13.5, lineHeight: 1.3, overflowWrap: "anywhere" }}>
              {it.text}
            </Typography>
            {given.map(({ text }) => (
              <Typography key={text} variant="label" component="span" sx={{ fontSize: 15, color: "secondary.main" }}>
                {text}
              </Typography>
            ))}
          </ButtonBase>
        );
      })}
    </CriterionBox>
  );
}
