import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Slip } from "../../../parts/Slip";
import { useAskBeforeLeaving } from "../../../parts/useAskBeforeLeaving";
import { useAskBeforeUnload } from "../../../parts/useAskBeforeUnload";

/** Asks before changes that are not published are left. */
export function LeavePolicy({ isChanged }: { isChanged: boolean }) {
  const blocker = useAskBeforeLeaving(isChanged);
  useAskBeforeUnload(isChanged);
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
