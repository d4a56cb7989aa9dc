import { useCallback, useRef, useState, type PointerEvent } from "react";

/** How far a pointer moves before it drags instead of tapping, in px. */
const SLACK = 6;

export interface DragHandlers {
  onPointerDown: (event: PointerEvent) => void;
  onPointerMove: (event: PointerEvent) => void;
  onPointerUp: (event: PointerEvent) => void;
  onPointerCancel: () => void;
}

/** Dragging one block onto another, by mouse, pen or finger. Blocks carry their id as data-holder. */
export function useDrag(onDrop: ((block: string, other: string) => void) | undefined) {
  const from = useRef<{ x: number; y: number } | null>(null);
  const dropped = useRef(false);
  const [dragged, setDragged] = useState<{ block: string; over: string | null } | null>(null);
  const end = (): void => {
    from.current = null;
    setDragged(null);
  };

  // A browser takes a finger that lifts while it moves for a fling, and gives the next tap no click: here it is none.
  const area = useCallback((element: Element | null) => {
    const keep = (event: Event): void => void (from.current !== null && event.preventDefault());
    element?.addEventListener("touchmove", keep, { passive: false });

    return () => element?.removeEventListener("touchmove", keep);
  }, []);

  return {
    /** The ref of what holds the blocks. */
    area,
    block: dragged?.block ?? null,
    over: dragged?.over ?? null,
    /** The click that ends a drag chooses nothing. */
    hasJustDropped: (): boolean => {
      const has = dropped.current;
      dropped.current = false;

      return has;
    },
    handlers: (block: string): DragHandlers => ({
      onPointerDown: (event) => {
        from.current = { x: event.clientX, y: event.clientY };
        dropped.current = false;
        event.currentTarget.setPointerCapture(event.pointerId);
      },
      onPointerMove: (event) => {
        if (from.current === null) return;
        const isFar = Math.hypot(event.clientX - from.current.x, event.clientY - from.current.y) > SLACK;
        if (isFar || dragged !== null) setDragged({ block, over: blockAt(event) });
      },
      onPointerUp: (event) => {
        const over = dragged === null ? null : blockAt(event);
        dropped.current = dragged !== null;
        end();
        if (over !== null && over !== block) onDrop?.(block, over);
      },
      onPointerCancel: end,
    }),
  };
}

const blockAt = ({ clientX, clientY }: PointerEvent): string | null =>
  document.elementFromPoint(clientX, clientY)?.closest<HTMLElement | SVGElement>("[data-holder]")?.dataset.holder ?? null;
