import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import type { Blocker } from "react-router";
import { Slip } from "./Slip";

interface LeaveSlipProps {
  blocker: Blocker;
  title: string;
  /** What the button that leaves says. */
  leave?: string;
  /** Another way out. */
  other?: ReactNode;
  /** What becomes of what was written. */
  children: ReactNode;
}

/** Asked when somebody goes to another page and something would be lost, or left unfinished; staying is the first choice. */
export function LeaveSlip({ blocker, title, leave = "Leave", other, children }: LeaveSlipProps) {
  if (blocker.state !== "blocked") return null;

  return (
    <Slip
      title={title}
      onClose={blocker.reset}
      actions={
        <>
          <Button variant="contained" autoFocus onClick={blocker.reset}>
            Stay
          </Button>
          <Button onClick={blocker.proceed}>{leave}</Button>
          {other}
        </>
      }
    >
      <Typography>{children}</Typography>
    </Slip>
  );
}
