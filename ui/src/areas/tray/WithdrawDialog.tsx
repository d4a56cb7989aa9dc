import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState, useTransition } from "react";
import { Field } from "../../parts/Field";
import { Slip } from "../../parts/Slip";

interface WithdrawDialogProps {
  what: string;
  onClose: () => void;
  /** Whether it was taken down: what this device cannot keep stays on the slip. */
  onWithdraw: (reason: string) => Promise<boolean>;
}

/** A withdrawal needs its reason; the log keeps both. */
export function WithdrawDialog({ what, onClose, onWithdraw }: WithdrawDialogProps) {
  const [reason, setReason] = useState("");
  const [isTried, setIsTried] = useState(false);
  const [isWriting, startWriting] = useTransition();
  const submit = (): void => {
    setIsTried(true);
    if (reason.trim() === "") return;
    startWriting(async () => {
      if (await onWithdraw(reason.trim())) onClose();
    });
  };

  return (
    <Slip
      title="Withdraw this entry"
      onClose={onClose}
      onSubmit={submit}
      actions={
        <>
          <Button onClick={onClose}>Keep it</Button>
          <Button type="submit" variant="contained" disabled={isWriting}>
            Withdraw
          </Button>
        </>
      }
    >
      <Typography>{what}</Typography>
      <Field
        label="Reason"
        value={reason}
        autoFocus
        onChange={(event) => setReason(event.target.value)}
        {...(isTried && reason.trim() === "" ? { problem: "Say why: whoever answers an appeal will ask." } : {})}
      />
    </Slip>
  );
}
