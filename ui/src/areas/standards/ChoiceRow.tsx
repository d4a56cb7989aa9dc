import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import type { SchoolChoice } from "../../api/types";
import { schoolRow } from "./schoolRow";

interface ChoiceRowProps {
  choice: SchoolChoice;
  isFixed: boolean;
  onChoose: (key: string) => void;
}

/** One question of the school with its answers side by side; below, why the chosen one, and what it changes. */
export function ChoiceRow({ choice, isFixed, onChoose }: ChoiceRowProps) {
  const chosen = choice.options.find((it) => it.key === choice.chosen);
  const reason = chosen?.reason ?? choice.reason;

  return (
    <Box role="radiogroup" aria-label={choice.title} sx={schoolRow}>
      <Box>
        <Typography variant="h3" sx={{ fontSize: "1.1rem" }}>
          {choice.title}
        </Typography>
        {choice.species.length > 0 && (
          <Typography variant="caption" sx={{ color: "text.secondary" }}>
            {choice.species.join(", ")}
          </Typography>
        )}
      </Box>
      <Box>
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
          {choice.options.map((option, index) => (
            <ButtonBase
              key={option.key}
              role="radio"
              aria-checked={option.key === choice.chosen}
              disabled={isFixed}
              onClick={() => option.key !== choice.chosen && onChoose(option.key)}
              sx={{
                typography: "label",
                minHeight: 44,
                px: 1.5,
                border: "2px solid",
                borderColor: option.key === choice.chosen ? "text.primary" : "divider",
                bgcolor: "background.paper",
                gap: 1,
              }}
            >
              <Mark isChosen={option.key === choice.chosen} />
              {option.title}
              {index === 0 && (
                <Box component="span" sx={{ color: "secondary.main", fontSize: 14 }}>
                  by the book
                </Box>
              )}
            </ButtonBase>
          ))}
        </Box>
        {reason !== null && (
          <Typography variant="body2" sx={{ mt: 0.75 }}>
            {reason}
          </Typography>
        )}
        {(chosen?.effects ?? []).map((effect) => (
          <Typography key={effect} variant="body2" sx={{ borderLeft: "4px solid", borderColor: "secondary.main", pl: 1, mt: 0.5 }}>
            {effect}
          </Typography>
        ))}
      </Box>
    </Box>
  );
}

/** One of several: a ring, with a pencil dot in the one that is chosen. */
function Mark({ isChosen }: { isChosen: boolean }) {
  return (
    <Box component="svg" viewBox="0 0 18 18" width={18} height={18} aria-hidden sx={{ color: "text.primary" }}>
      <circle cx={9} cy={9} r={7.4} fill="none" stroke="currentColor" strokeWidth={1.4} />
      {isChosen && <circle cx={9} cy={9} r={4.2} fill="currentColor" />}
    </Box>
  );
}
