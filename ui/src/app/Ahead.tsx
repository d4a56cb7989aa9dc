import { useIsFetching } from "@tanstack/react-query";
import { useEffect } from "react";
import { useSession } from "../api/useSession";
import { fetchTheHour } from "./areas";

const QUIET_MS = 300;

/**
 * Fetches ahead what the hour needs, and the copy of the application that opens without a network. Only once what was gone to is there: on a thin line they
 * would keep it waiting.
 */
export function Ahead({ onDone }: { onDone: () => void }) {
  const isBusy = useIsFetching({ predicate: ({ state }) => state.data === undefined }) > 0;
  const role = useSession().data?.role;
  useEffect(() => {
    if (isBusy || role === undefined) return;
    const begin = setTimeout(() => {
      fetchTheHour(role);
      if ("serviceWorker" in navigator) void navigator.serviceWorker.register("/worker.js");
      onDone();
    }, QUIET_MS);

    return () => clearTimeout(begin);
  }, [isBusy, role, onDone]);

  return null;
}
