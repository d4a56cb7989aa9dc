import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { upperFirst } from "../parts/format";

interface RefusedEntryProps {
  /** Where it was taken down. */
  area: string;
  words: string;
  refusal: string | null;
  onRetry: () => Promise<void>;
  onDrop: () => Promise<void>;
}

/** What the server will not have: what it says, and why not. It stays until somebody decides. */
export function RefusedEntry({ area, words, refusal, onRetry, onDrop }: RefusedEntryProps) {
  return (
    <Box role="alert" sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1, px: 3, py: 0.75 }}>
      <Typography sx={{ flex: 1, minWidth: 200, overflowWrap: "anywhere" }}>
        <strong>{area}, not taken:</strong> {words}. {upperFirst(refusal ?? "")}
      </Typography>
      <Button size="small" sx={{ minHeight: 48 }} onClick={() => void onRetry()}>
        Send it again
      </Button>
      <Button size="small" sx={{ minHeight: 48, color: "error.main", borderColor: "error.main" }} onClick={() => void onDrop()}>
        Drop it for good
      </Button>
    </Box>
  );
}
