import Button from "@mui/material/Button";
import type { Blocker } from "react-router";
import type { DraftKeeping } from "../../../api/useDrafts";
import { LeaveSlip } from "../../../parts/LeaveSlip";

/** Asked when somebody leaves a draft that is not published. */
export function LeaveDraft({ blocker, keeping }: { blocker: Blocker; keeping: DraftKeeping }) {
  const isKept = keeping.state === "kept";

  return (
    <LeaveSlip
      blocker={blocker}
      title="Leave this draft?"
      leave={isKept ? "Leave, keep it" : "Leave"}
      other={<Button onClick={() => void keeping.drop().then(() => blocker.proceed?.())}>Throw it away</Button>}
    >
      {isKept
        ? "It is not published. It is kept for you among the standards, as it stands."
        : "The last change is not kept yet: stay until it says “kept”, or it is lost."}
    </LeaveSlip>
  );
}
