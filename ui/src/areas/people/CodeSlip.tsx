import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import GlobalStyles from "@mui/material/GlobalStyles";
import Typography from "@mui/material/Typography";
import type { IssuedCode } from "../../api/types";
import { Slip } from "../../parts/Slip";
import { useTimeWords } from "../../parts/times";

/** A one-time code, to print or to read aloud: it is shown this once. */
export function CodeSlip({ issued, onClose }: { issued: IssuedCode; onClose: () => void }) {
  const { dayOf } = useTimeWords();

  return (
    <Slip
      title={`A code for ${issued.name}`}
      onClose={onClose}
      actions={
        <Box sx={{ display: "flex", gap: 1, "@media print": { display: "none" } }}>
          <Button variant="contained" onClick={() => window.print()}>
            Print
          </Button>
          <Button onClick={onClose}>Done</Button>
        </Box>
      }
    >
      <GlobalStyles styles={{ "@media print": { "#screen": { display: "none" } } }} />
      <Typography variant="figure" sx={{ fontSize: 40, letterSpacing: "0.06em", userSelect: "all" }} data-testid="code">
        {issued.code}
      </Typography>
      <Typography>
        Set your password at <strong>{issued.link.replace(/\/[^/]*$/, "")}</strong> with this code, then sign in as{" "}
        <strong>{issued.email}</strong>. It is good once, until {dayOf(issued.expires_at)}.
      </Typography>
      <Typography variant="body2" sx={{ color: "text.secondary", "@media print": { display: "none" } }}>
        {issued.is_mailed ? "It was sent by mail as well. " : ""}Nobody can look it up later; a new one can be made at any time.
      </Typography>
    </Slip>
  );
}
