import { useEffect } from "react";
import { RouterProvider } from "react-router/dom";
import { fetchTheHour } from "./areas";
import { router } from "./routes";

/** Everything behind the door. */
export default function Inside() {
  useEffect(fetchTheHour, []);

  // As a transition a page would wait for every reading of the scale, while its address is shown already.
  return <RouterProvider router={router} useTransitions={false} />;
}
