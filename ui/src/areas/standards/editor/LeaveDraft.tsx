import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { Blocker } from "react-router";
import type { DraftKeeping } from "../../../api/useDrafts";
import { Slip } from "../../../parts/Slip";

/** Asked when somebody leaves a draft that is not published. */
export function LeaveDraft({ blocker, keeping }: { blocker: Blocker; keeping: DraftKeeping }) {
  if (blocker.state !== "blocked") return null;
  const isKept = keeping.state === "kept";

  return (
    <Slip
      title="Leave this draft?"
      onClose={blocker.reset}
      actions={
        <>
          <Button variant="contained" autoFocus onClick={blocker.reset}>
            Stay
          </Button>
          <Button onClick={blocker.proceed}>{isKept ? "Leave, keep it" : "Leave"}</Button>
          <Button onClick={() => void keeping.drop().then(blocker.proceed)}>Throw it away</Button>
        </>
      }
    >
      <Typography>
        {isKept
          ? "It is not published. It is kept for you among the standards, as it stands."
          : "The last change is not kept yet: stay until it says “kept”, or it is lost."}
      </Typography>
    </Slip>
  );
}
