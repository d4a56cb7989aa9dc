import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";

interface AskTwiceProps {
  /** What was marked, as it is called. */
  title: string;
  onAgain: () => void;
  onLeave: () => void;
}

/** Asks whether the second of two quick taps was meant. */
export function AskTwice({ title, onAgain, onLeave }: AskTwiceProps) {
  return (
    <Box
      role="alert"
      sx={{
        // Over the screen: nothing may move from under the thumb that is still there.
        position: "fixed",
        left: 16,
        right: 16,
        bottom: 88,
        zIndex: 3,
        maxWidth: 560,
        border: "2px solid",
        display: "flex",
        flexWrap: "wrap",
        alignItems: "center",
        gap: 1,
        p: 1,
        pl: 1.5,
        borderColor: "error.main",
        borderLeftWidth: 8,
        bgcolor: "background.paper",
      }}
    >
      <Typography sx={{ flex: "1 1 200px" }}>
        <strong>{title}</strong> was tapped twice in a moment; one is taken. Was the second meant?
      </Typography>
      <Button size="small" sx={{ minHeight: 48 }} onClick={onLeave}>
        Once is right
      </Button>
      <Button size="small" sx={{ minHeight: 48 }} onClick={onAgain}>
        Mark it again
      </Button>
    </Box>
  );
}
