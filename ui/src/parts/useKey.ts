import { useEffect, useRef } from "react";

const writesIn = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && (target.isContentEditable || ["INPUT", "TEXTAREA", "SELECT"].includes(target.tagName));

const pressesIn = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest("button, a, [role=button]") !== null;

/** Listens for keys while no dialog is open and nothing is being typed; Enter and Space are left to a focused button or link. */
export function useKeys(onKey: (key: string, event: KeyboardEvent) => boolean): void {
  const latest = useRef(onKey);
  useEffect(() => {
    latest.current = onKey;
  });
  useEffect(() => {
    const listen = (event: KeyboardEvent): void => {
      if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey || writesIn(event.target)) return;
      if ((event.key === "Enter" || event.key === " ") && pressesIn(event.target)) return;
      if (document.querySelector('[role="dialog"]') !== null) return;
      if (latest.current(event.key, event)) event.preventDefault();
    };
    window.addEventListener("keydown", listen);

    return () => window.removeEventListener("keydown", listen);
  }, []);
}

export function useKey(key: string, act: () => void): void {
  useKeys((pressed) => {
    if (pressed !== key) return false;
    act();

    return true;
  });
}
