const key = "deft-blade.device";

/** What this device is called in the log: a short name of its own, kept with the browser. */
export function device(): string {
  const known = localStorage.getItem(key);
  if (known !== null) return known;
  const kind = matchMedia("(pointer: coarse)").matches ? "Tablet" : "Computer";
  const name = `${kind} ${crypto.getRandomValues(new Uint16Array(1))[0]?.toString(36).toUpperCase() ?? ""}`.trim();
  localStorage.setItem(key, name);

  return name;
}
