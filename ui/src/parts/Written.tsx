import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";

interface WrittenProps {
  question: string;
  /** Undefined where nothing was handed in. */
  answer: string | undefined;
}

/** What is asked in writing, and the whole answer, above the steps it is judged by. */
export function Written({ question, answer }: WrittenProps) {
  return (
    <Box sx={{ gridColumn: { md: 2 }, p: 1.25, borderBottom: "1px solid", borderColor: "divider" }}>
      <Typography variant="caption" component="p" sx={{ color: "text.secondary" }}>
        {question}
      </Typography>
      {answer === undefined ? (
        <Typography variant="body2">Nothing was handed in here; read what is on paper.</Typography>
      ) : (
        <Typography
          sx={{ whiteSpace: "pre-wrap", overflowWrap: "anywhere", maxHeight: 260, overflowY: "auto" }}
          tabIndex={0}
          role="group"
          aria-label="What the student wrote"
        >
          {answer}
        </Typography>
      )}
    </Box>
  );
}
