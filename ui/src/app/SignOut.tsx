import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useSignOut, useUser } from "../api/useSession";
import { SaveWaiting } from "../offline/SaveWaiting";
import { useWaiting, useWaitingLots } from "../offline/useWaiting";
import { Slip } from "../parts/Slip";

/** Signs out; where something of this person is still on the device, it says so first. */
export function SignOut() {
  const user = useUser();
  const signOut = useSignOut();
  const open = useWaiting().length + useWaitingLots().length;
  const [asks, setAsks] = useState(false);
  const leave = (): void => signOut.mutate();

  return (
    <>
      <Button size="small" disabled={signOut.isPending} onClick={open > 0 ? () => setAsks(true) : leave}>
        Sign out
      </Button>
      {asks && (
        <Slip
          title={open === 1 ? "1 capture waits on this device" : `${open} captures wait on this device`}
          onClose={() => setAsks(false)}
          actions={
            <>
              <Button variant="contained" onClick={() => setAsks(false)} autoFocus>
                Stay signed in
              </Button>
              <Button onClick={leave} disabled={signOut.isPending}>
                Sign out, leave {open === 1 ? "it" : "them"} here
              </Button>
              <SaveWaiting />
            </>
          }
        >
          <Typography>
            The server has not got {open === 1 ? "it" : "them"} yet. {open === 1 ? "It stays" : "They stay"} on this device and{" "}
            {open === 1 ? "goes" : "go"} up when {user.name} signs in here again; nobody else sees {open === 1 ? "it" : "them"} until then.
          </Typography>
        </Slip>
      )}
    </>
  );
}
