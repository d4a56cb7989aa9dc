import { createContext, use, useLayoutEffect, useRef } from "react";
import { hasLetterKeys } from "./useLetterKeys";

const writesIn = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && (target.isContentEditable || ["INPUT", "TEXTAREA", "SELECT"].includes(target.tagName));

/** A place that is chosen already has nothing left to press: Enter takes its weight. */
const pressesIn = (target: EventTarget | null, key: string): boolean =>
  target instanceof HTMLElement &&
  target.closest("button, a, [role=button]") !== null &&
  !(key === "Enter" && target.closest('[data-place][aria-pressed="true"]') !== null);

/** Whether another page is on its way to take the place of the one this is on. */
export const IsLeft = createContext(false);

/**
 * Listens for keys while no dialog is open, nothing is being typed and its page is not being left; Enter and Space are left to a
 * focused button or link.
 */
export function useKeys(onKey: (key: string, event: KeyboardEvent) => boolean): void {
  const latest = useRef(onKey);
  // Who opened a tray and presses "w" means that tray, not what the page that is still shown would do.
  const isLeft = use(IsLeft);
  // With the picture and not after it, both: a key is heard as soon as the page is seen, and means what is shown when it is pressed.
  useLayoutEffect(() => {
    latest.current = isLeft ? () => false : onKey;
  });
  useLayoutEffect(() => {
    const listen = (event: KeyboardEvent): void => {
      if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey || writesIn(event.target)) return;
      if ((event.key === "Enter" || event.key === " ") && pressesIn(event.target, event.key)) return;
      if (event.key.length === 1 && event.key !== " " && !hasLetterKeys()) return;
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
