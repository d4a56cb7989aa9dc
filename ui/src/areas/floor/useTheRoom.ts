import { useParams } from "react-router";
import { useBench } from "../../api/useBench";
import { useFloor } from "../../api/useFloor";

/** The room of a practical: the one of the address, or today's. */
export function useTheRoom() {
  const { assessment } = useParams();
  const bench = useBench();
  const id = assessment ?? bench.data?.today[0]?.id;
  const floor = useFloor(id);
  const asked = id === undefined ? bench : floor;

  return {
    id,
    floor: floor.data,
    isNothingOn: id === undefined && bench.data !== undefined,
    /** The first practical of a day to come. */
    next: bench.data?.coming[0],
    /** Why nothing can be shown, where nothing can. */
    problem: floor.data === undefined ? asked.error : null,
    retry: (): void => void asked.refetch(),
  };
}
