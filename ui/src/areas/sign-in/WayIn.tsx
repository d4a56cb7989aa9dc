import { lazy, Suspense } from "react";
import { useStart } from "../../api/useStart";
import { Loading } from "../../parts/Loading";
import { SignIn } from "./SignIn";

// Once in the life of a school.
const FirstStart = lazy(async () => ({ default: (await import("./FirstStart")).FirstStart }));

/** Where nobody is signed in: the sign-in, or at a school with nobody yet its first page. */
export function WayIn() {
  const start = useStart();
  const fetching = <Loading what="Deft Blade" />;
  if (start.isPending && start.fetchStatus !== "paused") return fetching;
  if (start.data?.is_empty !== true) return <SignIn />;

  return (
    <Suspense fallback={fetching}>
      <FirstStart start={start.data} />
    </Suspense>
  );
}
