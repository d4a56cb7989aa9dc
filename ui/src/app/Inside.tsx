import { useCallback, useState } from "react";
import { RouterProvider } from "react-router/dom";
import { Ahead } from "./Ahead";
import { router } from "./routes";

/** All pages of whoever is signed in. */
export function Inside() {
  const [isAhead, setAhead] = useState(false);
  const done = useCallback(() => setAhead(true), []);

  // As a transition a page would wait for every reading of the scale, while its address is shown already.
  return (
    <>
      <RouterProvider router={router} useTransitions={false} />
      {!isAhead && <Ahead onDone={done} />}
    </>
  );
}
