import { useLayoutEffect, useRef } from "react";

/**
 * Changes something that is written as a whole. What is held follows a moment after it was written: of two quick taps the second goes on
 * from what the first said, and not from what is still shown.
 *
 * @param held what is held as far as this device knows, of plain JSON
 * @param keep writes the whole anew; false where it could not
 */
export function useMeant<Held>(held: Held, keep: (next: Held) => Promise<boolean>): (change: (now: Held) => Held) => void {
  const shown = JSON.stringify(held);
  /** Written and not shown yet, in order. */
  const written = useRef<string[]>([]);
  useLayoutEffect(() => {
    const at = written.current.indexOf(shown);
    // What is shown and was not written here is somebody else's word, and holds.
    written.current = at === -1 ? [] : written.current.slice(at + 1);
  }, [shown]);

  return (change) => {
    const next = change(JSON.parse(written.current.at(-1) ?? shown) as Held);
    written.current.push(JSON.stringify(next));
    void keep(next).then((isKept) => {
      if (!isKept) written.current = [];
    });
  };
}
