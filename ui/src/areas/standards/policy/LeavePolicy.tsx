import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useEffect } from "react";
import { useBlocker } from "react-router";
import { Slip } from "../../../parts/Slip";

/** Asks before changes that are not published are left. */
export function LeavePolicy({ isChanged }: { isChanged: boolean }) {
  const blocker = useBlocker(({ currentLocation, nextLocation }) => isChanged && currentLocation.pathname !== nextLocation.pathname);
  useEffect(() => {
    if (!isChanged) return;
    const ask = (event: BeforeUnloadEvent): void => event.preventDefault();
    window.addEventListener("beforeunload", ask);

    return () => window.removeEventListener("beforeunload", ask);
  }, [isChanged]);
  if (blocker.state !== "blocked") return null;

  return (
    <Slip
      title="Leave the policy?"
      onClose={blocker.reset}
      actions={
        <>
          <Button variant="contained" autoFocus onClick={blocker.reset}>
            Stay
          </Button>
          <Button onClick={blocker.proceed}>Leave without publishing</Button>
        </>
      }
    >
      <Typography>What is changed here is not published and is not kept.</Typography>
    </Slip>
  );
}
