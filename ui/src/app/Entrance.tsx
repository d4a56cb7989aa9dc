import { useDeferredValue, useState } from "react";
import { useSession } from "../api/useSession";
import { WayIn } from "../areas/sign-in/WayIn";
import { lastPerson } from "../offline/person";
import { Loading } from "../parts/Loading";
import { useInside } from "./useInside";

/** Whoever is signed in, or was here last, most likely goes in at once. */
const goesIn = (): boolean => lastPerson() !== null || document.querySelector('meta[name="signed-in"]') !== null;

/** Shows the sign-in, which is a small file, until somebody is signed in. The pages behind it are fetched when somebody begins to write there, or is signed in. */
export function Entrance() {
  const session = useSession();
  const [isExpected, expect] = useState(goesIn);
  const isAtTheDoor = (session.isPending || session.data === null) && !location.pathname.startsWith("/code");
  const inside = useInside(isExpected || !isAtTheDoor);
  // Drawn in short steps.
  const shown = useDeferredValue(isAtTheDoor ? undefined : inside);
  if (isAtTheDoor && session.data === null)
    return (
      <div onInput={() => expect(true)}>
        <WayIn />
      </div>
    );

  return (!isAtTheDoor && shown) || <Loading what="Deft Blade" />;
}
