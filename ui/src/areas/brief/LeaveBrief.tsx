import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Slip } from "../../parts/Slip";
import { useAskBeforeLeaving } from "../../parts/useAskBeforeLeaving";

/** Asks before a brief is left whose last change could not be kept. */
export function LeaveBrief({ isAtRisk }: { isAtRisk: boolean }) {
  const blocker = useAskBeforeLeaving(isAtRisk);
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
