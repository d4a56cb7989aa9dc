import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useBlocker } from "react-router";
import { Slip } from "../../parts/Slip";

/** Asks before a brief is left whose last change could not be kept. */
export function LeaveBrief({ isAtRisk }: { isAtRisk: boolean }) {
  const blocker = useBlocker(({ currentLocation, nextLocation }) => isAtRisk && currentLocation.pathname !== nextLocation.pathname);
  if (blocker.state !== "blocked") return null;

  return (
    <Slip
      title="Leave this brief?"
      onClose={blocker.reset}
      actions={
        <>
          <Button variant="contained" autoFocus onClick={blocker.reset}>
            Stay
          </Button>
          <Button onClick={blocker.proceed}>Leave</Button>
        </>
      }
    >
      <Typography>The last change is not kept yet: stay until it says “Kept”, or it is lost.</Typography>
    </Slip>
  );
}
