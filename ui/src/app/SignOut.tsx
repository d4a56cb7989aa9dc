import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useSignOut, useUser } from "../api/useSession";
import { SaveWaiting } from "../offline/SaveWaiting";
import { stillWaits } from "../offline/stillWaits";
import { useLasting } from "../offline/useLasting";
import { useWaiting, useWaitingLots, useWaitingPractice } from "../offline/useWaiting";
import { Slip } from "../parts/Slip";

/** What was taken down a moment ago goes up before anything is asked. */
const PATIENCE_MS = 5_000;
const TOLD_AFTER_MS = 300;

/** Signs out; where something of this person stays on the device, it says so first. */
export function SignOut() {
  const user = useUser();
  const signOut = useSignOut();
  const waits = useWaiting().length + useWaitingLots().length + useWaitingPractice().length;
  const [isSending, setSending] = useState(false);
  const isLong = useLasting(isSending, TOLD_AFTER_MS);
  const [asks, setAsks] = useState(false);
  const leave = (): void => signOut.mutate();
  const leaveIfSent = async (): Promise<void> => {
    setSending(true);
    // A device whose store cannot be read has nothing there that staying would keep.
    const stay = await stillWaits(user.id, PATIENCE_MS).catch(() => 0);
    setSending(false);
    if (stay > 0) setAsks(true);
    else leave();
  };

  return (
    <>
      <Button size="small" disabled={isSending || signOut.isPending} onClick={() => void leaveIfSent()}>
        {isLong ? "Sending what waits …" : "Sign out"}
      </Button>
      {asks && <AskFirst waits={waits} onStay={() => setAsks(false)} onLeave={leave} isLeaving={signOut.isPending} />}
    </>
  );
}

interface AskFirstProps {
  waits: number;
  onStay: () => void;
  onLeave: () => void;
  isLeaving: boolean;
}

function AskFirst({ waits, onStay, onLeave, isLeaving }: AskFirstProps) {
  const user = useUser();
  const [it, them, goes] = waits === 1 ? ["It stays", "it", "goes"] : ["They stay", "them", "go"];

  return (
    <Slip
      title={
        waits === 0
          ? "Nothing waits here any more"
          : waits === 1
            ? "1 capture waits on this device"
            : `${waits} captures wait on this device`
      }
      onClose={onStay}
      actions={
        <>
          <Button variant="contained" onClick={onStay} autoFocus>
            Stay signed in
          </Button>
          <Button onClick={onLeave} disabled={isLeaving}>
            {waits === 0 ? "Sign out" : `Sign out, leave ${them} here`}
          </Button>
          {waits > 0 && <SaveWaiting />}
        </>
      }
    >
      <Typography>
        {waits === 0
          ? "Everything you took down is on the server."
          : `The server has not got ${them} yet. ${it} on this device and ${goes} up when ${user.name} signs in here again; nobody else sees ${them} until then.`}
      </Typography>
    </Slip>
  );
}
