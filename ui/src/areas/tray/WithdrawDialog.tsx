import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Field } from "../../parts/Field";
import { Slip } from "../../parts/Slip";
import { useTaking } from "../../parts/useTaking";

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
  const { isTaking, taking } = useTaking();
  const submit = (): void => {
    setIsTried(true);
    if (reason.trim() !== "") taking(onWithdraw(reason.trim()), onClose);
  };

  return (
    <Slip
      title="Withdraw this entry"
      onClose={onClose}
      onSubmit={submit}
      actions={
        <>
          <Button onClick={onClose}>Keep it</Button>
          <Button type="submit" variant="contained" disabled={isTaking}>
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
