import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import GlobalStyles from "@mui/material/GlobalStyles";
import Typography from "@mui/material/Typography";
import type { IssuedCode } from "../api/types";
import { Slip } from "./Slip";
import { useTimeWords } from "./times";

interface CodeSlipProps {
  title: string;
  codes: IssuedCode[];
  onClose: () => void;
}

/** One-time codes, to print and cut apart or to read aloud: they are shown this once. */
export function CodeSlip({ title, codes, onClose }: CodeSlipProps) {
  const isMailed = codes.some((it) => it.is_mailed);

  return (
    <Slip
      title={title}
      width={codes.length > 1 ? "md" : "sm"}
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
      <GlobalStyles
        styles={{
          "@media print": {
            "#screen": { display: "none" },
            ".MuiDialog-container, .MuiDialog-paper": { display: "block", height: "auto", maxHeight: "none", border: 0, margin: 0 },
          },
        }}
      />
      <Box sx={{ display: "grid", gridTemplateColumns: codes.length > 1 ? { xs: "1fr", sm: "1fr 1fr" } : "1fr", gap: 2 }}>
        {codes.map((it) => (
          <OneCode key={it.person} issued={it} isNamed={codes.length > 1} />
        ))}
      </Box>
      <Typography variant="body2" sx={{ color: "text.secondary", "@media print": { display: "none" } }}>
        {isMailed && "Sent by mail as well. "}
        Nobody can look a code up later; a new one can be made at any time.
      </Typography>
    </Slip>
  );
}

function OneCode({ issued, isNamed }: { issued: IssuedCode; isNamed: boolean }) {
  const { dayOf } = useTimeWords();

  return (
    <Box sx={{ ...(isNamed && { border: "1px dashed", borderColor: "text.primary", p: 1.5 }), breakInside: "avoid" }}>
      {isNamed && <Typography variant="h3">{issued.name}</Typography>}
      <Typography variant="figure" sx={{ fontSize: isNamed ? 28 : 40, letterSpacing: "0.06em", userSelect: "all" }} data-testid="code">
        {issued.code}
      </Typography>
      <Typography variant="body2">
        Set your password at <strong>{issued.link.replace(/\/[^/]*$/, "")}</strong> with this code, then sign in as{" "}
        <strong>{issued.email}</strong>. It is good once, until {dayOf(issued.expires_at)}.
      </Typography>
    </Box>
  );
}
