import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import type { Criterion } from "../api/types";
import { CriterionBox } from "./CriterionBox";
import { Unseen } from "./Unseen";

interface CriterionRowProps {
  criterion: Criterion;
  level: number | undefined;
  isCurrent: boolean;
  isExcused: boolean;
  /** Said under its title; nothing where it is empty. */
  note?: string;
  /** What the student handed in, where it is asked in writing. */
  answer?: string | undefined;
  onJudge: (level: number) => void;
}

/** A criterion with its steps side by side, lowest first; the one met is ringed in pencil. */
export function CriterionRow({ criterion, level, isCurrent, isExcused, note = "", answer, onJudge }: CriterionRowProps) {
  return (
    <CriterionBox
      criterion={criterion}
      answer={answer}
      borderColor={isCurrent ? "secondary.main" : "divider"}
      isFaint={isExcused}
      about={
        <>
          <Typography variant="caption" sx={{ color: "text.secondary" }}>
            weight {criterion.weight}
            {isExcused && ", excused by a defect"}
          </Typography>
          {note !== "" && (
            <Typography variant="caption" sx={{ display: "block", color: "secondary.main" }}>
              {note}
            </Typography>
          )}
        </>
      }
    >
      {criterion.levels.map((it, index) => (
        <ButtonBase
          key={it.text}
          onClick={() => onJudge(index)}
          aria-pressed={level === index}
          sx={{
            position: "relative",
            flexDirection: "column",
            alignItems: "flex-start",
            justifyContent: "flex-start",
            textAlign: "left",
            minHeight: { xs: 48, sm: 88 },
            minWidth: 0,
            p: 1.25,
            pr: 0.75,
            gap: 0.5,
            borderLeft: { sm: index === 0 ? "none" : "1px solid" },
            borderTop: { xs: "1px solid", sm: "none" },
            "&&": { borderColor: "divider" },
            "&:hover": { bgcolor: "background.default" },
            ...(level === index && {
              bgcolor: "background.default",
              boxShadow: (theme) => `inset 0 0 0 3px ${theme.vars?.palette.text.primary ?? ""}`,
            }),
          }}
        >
          <Box sx={{ display: "flex", alignItems: "center", gap: 0.5 }}>
            <Typography variant="figure" sx={{ position: "relative", fontSize: 19, lineHeight: 1, width: 12, textAlign: "center" }}>
              <Unseen>Step </Unseen>
              {index + 1}
              {level === index && <PencilRing />}
            </Typography>
          </Box>
          <Typography variant="body2" sx={{ fontSize: 13.5, lineHeight: 1.3, overflowWrap: "anywhere" }}>
            {it.text}
          </Typography>
        </ButtonBase>
      ))}
    </CriterionBox>
  );
}

function PencilRing() {
  return (
    <Box
      component="svg"
      viewBox="0 0 30 26"
      width={30}
      height={26}
      aria-hidden
      sx={{ position: "absolute", left: -9, top: -4, color: "text.primary" }}
    >
      <path
        d="M19 3.5 C9 2 2.5 7 3 13.5 C3.5 20 10 24 17 23.2 C24 22.4 28 17 27 11.5 C26 6 20 3 13 4"
        fill="none"
        stroke="currentColor"
        strokeWidth={2}
        strokeLinecap="round"
      />
    </Box>
  );
}
