import { useEffect, useRef, type RefObject } from "react";
import { useLocation } from "react-router";

/** On another page the keyboard begins in the page itself, unless what has the focus is part of it: a link on the rail would hold it back. */
export function useArrival(page: RefObject<HTMLElement | null>): void {
  const { pathname } = useLocation();
  const before = useRef(pathname);
  useEffect(() => {
    if (before.current === pathname) return;
    before.current = pathname;
    // A slip that was opened meanwhile keeps the keyboard: what is typed goes there.
    if (document.querySelector('[role="dialog"]') !== null) return;
    if (page.current?.contains(document.activeElement) === false) page.current.focus({ preventScroll: true });
  }, [pathname, page]);
}
