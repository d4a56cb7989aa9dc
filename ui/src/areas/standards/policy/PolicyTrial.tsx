import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import type { PolicyTrial as Trial } from "../../../api/types";
import { Section } from "../../../parts/Section";
import { TriedClasses } from "../../../parts/TriedClasses";

interface PolicyTrialProps {
  trial: Trial | undefined;
  isAsking: boolean;
  isChanged: boolean;
  places: number;
  /** What can be done with it. */
  children: ReactNode;
}

/** What the policy as it stands on the page would do: to a piece of 300 g, and to the last classes. */
export function PolicyTrial({ trial, isAsking, isChanged, places, children }: PolicyTrialProps) {
  return (
    <Box
      sx={{ position: { md: "sticky" }, top: { md: 12 }, maxHeight: { md: "calc(100vh - 24px)" }, overflowY: { md: "auto" } }}
      aria-busy={isAsking}
    >
      <Section title="What it would do">
        <Box sx={{ mb: 1.25 }}>{children}</Box>
        <Typography variant="body2" sx={{ color: "text.secondary", minHeight: "1.5em" }}>
          {(isAsking || trial === undefined) && "Working it out …"}
        </Typography>
        {trial !== undefined && trial.problems.length > 0 && (
          <Box role="alert">
            <Typography sx={{ color: "error.main" }}>This does not add up yet:</Typography>
            {trial.problems.map((it) => (
              <Typography
                key={`${it.path} ${it.detail}`}
                variant="body2"
                sx={{ borderLeft: "4px solid", borderColor: "error.main", pl: 1, mt: 0.75 }}
              >
                <Box component="span" sx={{ typography: "figure", display: "block" }}>
                  {it.path.replace(/^policy\./, "")}
                </Box>
                {it.detail}
              </Typography>
            ))}
          </Box>
        )}
        {trial?.guard != null && <Typography variant="body2">{trial.guard}</Typography>}
        {isChanged && trial !== undefined && trial.changes.length > 0 && (
          <Box component="ul" aria-label="Changes" sx={{ m: 0, mt: 1.5, p: 0, listStyle: "none" }}>
            {trial.changes.map((it) => (
              <Typography
                key={it}
                component="li"
                variant="body2"
                sx={{ borderLeft: "4px solid", borderColor: "secondary.main", pl: 1, mt: 0.5 }}
              >
                {it}
              </Typography>
            ))}
          </Box>
        )}
        {trial !== undefined && trial.uncounted.length > 0 && (
          <Typography role="alert" variant="body2" sx={{ color: "error.main", mt: 1.5 }}>
            Standards judge {trial.uncounted.join(", ")}, and no component counts it: criteria and faults there would bear on no mark.
          </Typography>
        )}
        {trial !== undefined && <TriedClasses classes={trial.classes} places={places} />}
        {trial?.problems.length === 0 && trial.classes.length === 0 && (
          <Typography variant="body2" sx={{ color: "text.secondary", mt: 1.5 }}>
            No class has final results yet; the last three stand here once there are some.
          </Typography>
        )}
      </Section>
    </Box>
  );
}
