import { LeaveSlip } from "../../../parts/LeaveSlip";
import { useAskBeforeLeaving } from "../../../parts/useAskBeforeLeaving";
import { useAskBeforeUnload } from "../../../parts/useAskBeforeUnload";

/** Asks before changes that are not published are left. */
export function LeavePolicy({ isChanged }: { isChanged: boolean }) {
  const blocker = useAskBeforeLeaving(isChanged);
  useAskBeforeUnload(isChanged);

  return (
    <LeaveSlip blocker={blocker} title="Leave the policy?" leave="Leave without publishing">
      What is changed here is not published and is not kept.
    </LeaveSlip>
  );
}
