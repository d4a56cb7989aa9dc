import { LeaveSlip } from "../../parts/LeaveSlip";
import { useAskBeforeLeaving } from "../../parts/useAskBeforeLeaving";

/** Asks before a brief is left whose last change could not be kept. */
export function LeaveBrief({ isAtRisk }: { isAtRisk: boolean }) {
  const blocker = useAskBeforeLeaving(isAtRisk);

  return (
    <LeaveSlip blocker={blocker} title="Leave this brief?">
      The last change is not kept yet: stay until it says “Kept”, or it is lost.
    </LeaveSlip>
  );
}
