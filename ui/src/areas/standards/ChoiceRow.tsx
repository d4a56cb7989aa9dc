import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { SchoolChoice } from "../../api/types";
import { OneOf } from "../../parts/OneOf";
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
    <Box role="group" aria-label={choice.title} sx={schoolRow}>
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
        <OneOf
          label={choice.title}
          chosen={choice.chosen}
          disabled={isFixed}
          onChoose={onChoose}
          options={choice.options.map(({ key, title }, index) => ({
            key,
            title,
            note: index === 0 && (
              <Box component="span" sx={{ color: "secondary.main", fontSize: 14 }}>
                by the book
              </Box>
            ),
          }))}
        />
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
