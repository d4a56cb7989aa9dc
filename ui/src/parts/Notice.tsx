import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import { Link } from "react-router";
import { Problem } from "../api/problem";

interface NoticeProps {
  title: string;
  tone?: "ink" | "red" | "blue";
  action?: ReactNode;
  children?: ReactNode;
}

/** What stands where content would be: nothing there, or something went wrong. */
export function Notice({ title, tone = "ink", action, children }: NoticeProps) {
  const color = { ink: "text.primary", red: "error.main", blue: "secondary.main" }[tone];

  return (
    <Box sx={{ m: "auto", p: 4, maxWidth: 520, textAlign: "center" }} role={tone === "red" ? "alert" : undefined}>
      <Box sx={{ width: 72, borderTop: "4px solid", borderColor: color, mx: "auto", mb: 2 }} />
      <Typography variant="h2" gutterBottom>
        {title}
      </Typography>
      <Typography sx={{ color: "text.secondary", mb: 3 }} component="div">
        {children}
      </Typography>
      {action}
    </Box>
  );
}

/** Says what could not be fetched, and offers to try again; where it was refused, to go to the Bench: whoever takes a tablet over may be on a page that their role does not allow. */
export function ProblemNotice({ problem, onRetry }: { problem: Error; onRetry?: () => void }) {
  const isFinal = problem instanceof Problem && problem.isFinal;
  const [title, detail] =
    problem instanceof Problem
      ? [problem.title, problem.detail]
      : ["The server does not answer", "Check the network; what was taken down before is stored."];

  return (
    <Notice
      tone="red"
      title={title}
      action={
        <Box sx={{ display: "flex", flexWrap: "wrap", justifyContent: "center", gap: 1 }}>
          {onRetry && <Button onClick={onRetry}>Try again</Button>}
          {isFinal && (
            <Button component={Link} to="/">
              To the Bench
            </Button>
          )}
        </Box>
      }
    >
      {detail}
    </Notice>
  );
}
