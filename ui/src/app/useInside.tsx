import { useEffect, useState, type ReactElement } from "react";

const AGAIN_MS = 2_000;

/**
 * All pages of whoever is signed in, a file of its own; undefined until it is fetched, which is tried until it succeeds: nothing can be done without it. It is no
 * lazy component, for React holds one that is waited for back for 300 ms.
 */
export function useInside(isWanted: boolean): ReactElement | undefined {
  const [inside, setInside] = useState<ReactElement>();
  useEffect(() => {
    if (!isWanted) return;
    let again: ReturnType<typeof setTimeout> | undefined;
    const fetch = (): Promise<void> =>
      import("./Inside").then(
        ({ Inside }) => setInside(<Inside />),
        () => void (again = setTimeout(() => void fetch(), AGAIN_MS)),
      );
    void fetch();

    return () => clearTimeout(again);
  }, [isWanted]);

  return inside;
}
