import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import type { RefObject } from "react";
import { Link } from "react-router";
import type { Bench as BenchData, Waiting } from "../../api/types";
import { SpareLots } from "./SpareLots";

const headings: Record<Waiting["kind"], string> = {
  balance: "Weights to check",
  your_look: "Your second look",
  appeal: "Appeals",
  agree: "To agree on",
  second_look: "For a second assessor",
  weigh: "To weigh in",
  inspect: "To inspect",
  issue_again: "Changed since release",
  release: "To release",
};

const target = (it: Waiting): string => {
  if (it.attempt === null || it.kind === "issue_again") return `/sheet/${it.assessment}`;
  if (it.kind === "appeal") return `/appeal/${it.attempt}`;
  if (it.kind === "agree") return `/agree/${it.attempt}`;
  if (it.kind === "second_look" || it.kind === "your_look") return `/tray/${it.attempt}/second`;

  return `/tray/${it.attempt}/${it.kind === "inspect" ? "inspect" : "weigh"}`;
};

interface WaitingListProps {
  /** Gone to from the head of a narrow page, where the list stands far below. */
  heading: RefObject<HTMLHeadingElement | null>;
  waiting: Waiting[];
  spare: BenchData["spare"];
  today: string;
}

export function WaitingList({ heading, waiting, spare, today }: WaitingListProps) {
  const kinds = (Object.keys(headings) as Waiting["kind"][]).filter((kind) => waiting.some((it) => it.kind === kind));

  return (
    <Box
      component="aside"
      aria-label="What waits"
      sx={{ borderLeft: { md: "2px solid" }, borderColor: { md: "text.primary" }, bgcolor: "background.paper", p: 3 }}
    >
      <Typography ref={heading} tabIndex={-1} variant="h2" gutterBottom>
        What waits
      </Typography>
      {kinds.length === 0 && spare === null && <Typography sx={{ color: "text.secondary" }}>Nothing.</Typography>}
      {kinds.map((kind) => (
        <Box key={kind} sx={{ mt: 2 }}>
          <Typography
            variant="h3"
            sx={{
              color: kind === "balance" ? "error.main" : "text.primary",
              borderBottom: "2px solid",
              borderColor: "currentColor",
              pb: 0.5,
            }}
          >
            {headings[kind]}
          </Typography>
          <Box component="ul" sx={{ listStyle: "none", m: 0, p: 0 }}>
            {waiting
              .filter((it) => it.kind === kind)
              .map((it) => (
                <Box component="li" key={it.attempt ?? it.assessment} sx={{ borderBottom: "1px solid", borderColor: "divider" }}>
                  <ButtonBase
                    component={Link}
                    to={target(it)}
                    sx={{ display: "block", width: "100%", minHeight: 48, py: 0.75, "&:hover": { color: "secondary.main" } }}
                  >
                    <Typography variant="label" component="span" sx={{ display: "block" }}>
                      {it.title}
                    </Typography>
                    <Typography variant="body2" component="span" sx={{ display: "block", color: "text.secondary" }}>
                      {it.text}
                    </Typography>
                  </ButtonBase>
                </Box>
              ))}
          </Box>
        </Box>
      ))}
      {spare !== null && <SpareLots spare={spare} today={today} />}
    </Box>
  );
}
