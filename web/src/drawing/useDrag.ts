import type { KeyboardEvent, PointerEvent } from "react";
import { useRef } from "react";

type Drag = {
  /** Pixels to metres. */
  perM: number;
  /** Called with the way from where the drag began, in m, right and down on the screen; exact when it was a key. */
  onMove: (rightM: number, downM: number, exact: boolean) => void;
  onSelect?: () => void;
  onEnd?: () => void;
};

const STEP_M = 0.01;
const FAR_STEP_M = 0.1;

/** Dragging with a pointer, or moving with the arrow keys: a centimetre a press, ten with Shift. */
export function useDrag() {
  const begun = useRef<{ x: number; y: number } | null>(null);
  return ({ perM, onMove, onSelect, onEnd }: Drag) => ({
    tabIndex: 0,
    style: { cursor: "grab", touchAction: "none" } as const,
    onFocus: () => onSelect?.(),
    onPointerDown: (event: PointerEvent<SVGElement>) => {
      // Only the first button drags, and only one finger at a time.
      if (event.button !== 0 || !event.isPrimary) return;
      event.currentTarget.setPointerCapture(event.pointerId);
      begun.current = { x: event.clientX, y: event.clientY };
      onSelect?.();
    },
    onPointerMove: (event: PointerEvent<SVGElement>) => {
      if (!begun.current) return;
      onMove((event.clientX - begun.current.x) / perM, (event.clientY - begun.current.y) / perM, false);
    },
    onPointerUp: () => {
      begun.current = null;
      onEnd?.();
    },
    onPointerCancel: () => {
      begun.current = null;
      onEnd?.();
    },
    onKeyDown: (event: KeyboardEvent<SVGElement>) => {
      const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
      if (!way) return;
      event.preventDefault();
      const step = event.shiftKey ? FAR_STEP_M : STEP_M;
      onMove(way[0]! * step, way[1]! * step, true);
      onEnd?.();
    },
  });
}
