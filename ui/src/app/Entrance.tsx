import { lazy, Suspense } from "react";
import { useSession } from "../api/useSession";
import { WayIn } from "../areas/sign-in/WayIn";
import { lastPerson } from "../offline/person";
import { Loading } from "../parts/Loading";

const fetchInside = () => import("./Inside");
const Inside = lazy(fetchInside);

// Whoever was here last most likely goes in at once.
if (lastPerson() !== null) void fetchInside().catch(() => undefined);

/** The door: the sign-in is a small file, and everything behind it comes when somebody begins to write there, or is signed in. */
export function Entrance() {
  const session = useSession();
  const hasCode = location.pathname.startsWith("/code");

  if (session.isPending && !hasCode) return <Loading what="Deft Blade" />;
  if (session.data === null && !hasCode)
    return (
      <div onInput={() => void fetchInside().catch(() => undefined)}>
        <WayIn />
      </div>
    );

  return (
    <Suspense fallback={<Loading what="Deft Blade" />}>
      <Inside />
    </Suspense>
  );
}
