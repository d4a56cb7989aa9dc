import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { upperFirst } from "../parts/format";
import { useCaptureQueue } from "./Sending";
import type { WaitingLots } from "./store";

/** What the ledger will not have: what it says, and why not. It stays until somebody decides. */
export function RefusedLots({ waiting: { order, words, refusal } }: { waiting: WaitingLots }) {
  const queue = useCaptureQueue();
  const decide = (decision: (order: number) => Promise<void>): void => {
    if (order !== undefined) void decision(order);
  };

  return (
    <Box role="alert" sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1, px: 3, py: 0.75 }}>
      <Typography sx={{ flex: 1, minWidth: 200, overflowWrap: "anywhere" }}>
        <strong>Ledger, not taken:</strong> {words}. {upperFirst(refusal ?? "")}
      </Typography>
      <Button size="small" sx={{ minHeight: 48 }} onClick={() => decide(queue.retryLots)}>
        Send it again
      </Button>
      <Button size="small" sx={{ minHeight: 48, color: "error.main", borderColor: "error.main" }} onClick={() => decide(queue.dropLots)}>
        Drop it for good
      </Button>
    </Box>
  );
}
