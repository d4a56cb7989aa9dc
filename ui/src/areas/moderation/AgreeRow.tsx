import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import type { Criterion, CriterionLooks } from "../../api/types";

interface AgreeRowProps {
  criterion: Criterion;
  looks: CriterionLooks;
  isShut: boolean;
  onAgree: (level: number) => void;
}

/** A criterion with its steps; on each stands who gave it. A tap on a step agrees on it. */
export function AgreeRow({ criterion, looks, isShut, onAgree }: AgreeRowProps) {
  const title = criterion.title ?? criterion.id;
  const isOpen = looks.to_agree && looks.agreed === null;
  const onStep = (level: number) =>
    (["first", "second", "agreed"] as const).flatMap((round) => (looks[round]?.level === level ? [{ round, by: looks[round].by }] : []));

  return (
    <Box
      role="group"
      aria-label={title}
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "190px minmax(0, 1fr)" },
        mb: 1,
        border: "2px solid",
        borderColor: isOpen ? "error.main" : "divider",
        bgcolor: "background.paper",
      }}
    >
      <Box sx={{ p: 1.25, borderRight: { md: "1px solid" }, borderColor: { md: "divider" } }}>
        <Typography variant="h3" sx={{ fontSize: "1.1rem" }}>
          {title}
        </Typography>
        <Typography variant="caption" sx={{ display: "block", color: isOpen ? "error.main" : "text.secondary" }}>
          {isOpen ? "too far apart: agree on a step" : `weight ${criterion.weight}`}
        </Typography>
        {looks.agreed !== null && (
          <Typography variant="caption" sx={{ display: "block" }}>
            Agreed by {looks.agreed.by}: {looks.agreed.reason}
          </Typography>
        )}
      </Box>
      <Box
        sx={{ display: "grid", gridTemplateColumns: { xs: "minmax(0, 1fr)", sm: `repeat(${criterion.levels.length}, minmax(0, 1fr))` } }}
      >
        {criterion.levels.map((it, level) => {
          const given = onStep(level);

          return (
            <ButtonBase
              key={it.text}
              disabled={isShut}
              onClick={() => onAgree(level)}
              aria-pressed={looks.agreed?.level === level}
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
                ...(looks.agreed?.level === level && { boxShadow: (theme) => `inset 0 0 0 3px ${theme.vars?.palette.text.primary ?? ""}` }),
              }}
            >
              <Typography variant="figure" component="span" sx={{ fontSize: 19, lineHeight: 1 }}>
                {level + 1}
              </Typography>
              <Typography variant="body2" component="span" sx={{ fontSize: 13.5, lineHeight: 1.3, overflowWrap: "anywhere" }}>
                {it.text}
              </Typography>
              {given.map(({ round, by }) => (
                <Typography key={round} variant="label" component="span" sx={{ fontSize: 15, color: "secondary.main" }}>
                  {round}: {by}
                </Typography>
              ))}
            </ButtonBase>
          );
        })}
      </Box>
    </Box>
  );
}
