import { useSyncExternalStore } from "react";

const key = "deft-blade.letter-keys";
const changed = "deft-blade:letter-keys";

/** Whether keys of one character do something on this device: who speaks to it, or whose sleeve lies on it, switches them off (WCAG 2.2, 2.1.4). */
export const hasLetterKeys = (): boolean => localStorage.getItem(key) !== "off";

export function setLetterKeys(isOn: boolean): void {
  if (isOn) localStorage.removeItem(key);
  else localStorage.setItem(key, "off");
  window.dispatchEvent(new Event(changed));
}

const subscribe = (onChange: () => void): (() => void) => {
  window.addEventListener(changed, onChange);

  return () => window.removeEventListener(changed, onChange);
};

export const useLetterKeys = (): boolean => useSyncExternalStore(subscribe, hasLetterKeys);
