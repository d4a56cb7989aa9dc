import { useStart } from "../../api/useStart";
import { Loading } from "../../parts/Notice";
import { FirstStart } from "./FirstStart";
import { SignIn } from "./SignIn";

/** Where nobody is signed in: the sign-in, or at a school with nobody yet its first page. */
export function WayIn() {
  const start = useStart();
  if (start.isPending && start.fetchStatus !== "paused") return <Loading what="Deft Blade" />;

  return start.data?.is_empty === true ? <FirstStart start={start.data} /> : <SignIn />;
}
