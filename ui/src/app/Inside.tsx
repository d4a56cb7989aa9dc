import { useEffect } from "react";
import { RouterProvider } from "react-router/dom";
import { fetchTheHour } from "./areas";
import { router } from "./routes";

/** Everything behind the door. */
export default function Inside() {
  useEffect(fetchTheHour, []);

  return <RouterProvider router={router} />;
}
