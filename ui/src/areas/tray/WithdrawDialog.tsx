import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import Typography from "@mui/material/Typography";
import { useState, type FormEvent } from "react";
import { Field } from "../../parts/Field";

interface WithdrawDialogProps {
  what: string;
  onClose: () => void;
  onWithdraw: (reason: string) => void;
}

/** A withdrawal needs its reason; the log keeps both. */
export function WithdrawDialog({ what, onClose, onWithdraw }: WithdrawDialogProps) {
  const [reason, setReason] = useState("");
  const [isTried, setIsTried] = useState(false);
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    setIsTried(true);
    if (reason.trim() !== "") onWithdraw(reason.trim());
  };

  return (
    <Dialog open onClose={onClose} aria-labelledby="withdraw-title" fullWidth maxWidth="sm">
      <Box component="form" onSubmit={submit} sx={{ p: 2 }}>
        <Typography id="withdraw-title" variant="h2" gutterBottom>
          Withdraw this entry
        </Typography>
        <Typography sx={{ mb: 2 }}>{what}</Typography>
        <Field
          label="Reason"
          value={reason}
          autoFocus
          onChange={(event) => setReason(event.target.value)}
          {...(isTried && reason.trim() === "" ? { problem: "Say why: whoever answers an appeal will ask." } : {})}
        />
        <Box sx={{ display: "flex", justifyContent: "flex-end", gap: 1, mt: 3 }}>
          <Button onClick={onClose}>Keep it</Button>
          <Button type="submit" variant="contained">
            Withdraw
          </Button>
        </Box>
      </Box>
    </Dialog>
  );
}
