import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import type { Criterion } from "../api/types";
import { Written } from "./Written";

interface CriterionBoxProps {
  criterion: Criterion;
  /** What stands under its title. */
  about: ReactNode;
  borderColor: string;
  isFaint?: boolean;
  heading?: "h2" | "h3";
  /** What the student handed in, where it is asked in writing. */
  answer: string | undefined;
  /** Its steps, lowest first. */
  children: ReactNode;
}

/** A criterion: its title, what was written for it where it asks for that, and its steps side by side. */
export function CriterionBox({ criterion, about, borderColor, isFaint = false, heading = "h3", answer, children }: CriterionBoxProps) {
  const { id, levels, question } = criterion;
  const title = criterion.title ?? id;

  return (
    <Box
      id={`criterion-${id}`}
      role="group"
      aria-label={title}
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "190px minmax(0, 1fr)" },
        mb: 1,
        scrollMarginTop: 72,
        scrollMarginBottom: 24,
        border: "2px solid",
        borderColor,
        bgcolor: "background.paper",
        opacity: isFaint ? 0.6 : 1,
      }}
    >
      <Box
        sx={{
          gridRow: { md: question === undefined ? "auto" : "span 2" },
          p: 1.25,
          borderRight: { md: "1px solid" },
          borderColor: { md: "divider" },
        }}
      >
        <Typography variant="h3" component={heading} sx={{ fontSize: "1.1rem" }}>
          {title}
        </Typography>
        {about}
      </Box>
      {question !== undefined && <Written question={question} answer={answer} />}
      <Box
        sx={{
          gridColumn: { md: 2 },
          display: "grid",
          gridTemplateColumns: { xs: "minmax(0, 1fr)", sm: `repeat(${levels.length}, minmax(0, 1fr))` },
        }}
      >
        {children}
      </Box>
    </Box>
  );
}
