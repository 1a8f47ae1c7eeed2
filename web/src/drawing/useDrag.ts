import type { KeyboardEvent, PointerEvent } from "react";
import { useRef } from "react";

type Drag = {
  /** Pixels to metres. */
  perM: number;
  /** Called with the way from where the drag began, in m, right and down on the screen; exact when it was a key. */
  onMove: (rightM: number, downM: number, exact: boolean) => void;
  onSelect?: () => void;
  /** Pressed without being moved, or Enter. */
  onOpen?: () => void;
  onEnd?: () => void;
};

const STEP_M = 0.01;
const FAR_STEP_M = 0.1;
/** A finger does not hold quite still. */
const STILL_PX = 4;

/** Dragging with a pointer, or moving with the arrow keys: a centimetre a press, ten with Shift. */
export function useDrag() {
  const begun = useRef<{ x: number; y: number } | null>(null);
  /** Whether it has gone further than a finger that presses. */
  const moved = useRef(false);
  return ({ perM, onMove, onSelect, onOpen, onEnd }: Drag) => ({
    tabIndex: 0,
    style: { cursor: "grab", touchAction: "none" } as const,
    onFocus: () => onSelect?.(),
    onPointerDown: (event: PointerEvent<SVGElement>) => {
      // Only the first button drags, and only one finger at a time.
      if (event.button !== 0 || !event.isPrimary) return;
      event.currentTarget.setPointerCapture(event.pointerId);
      begun.current = { x: event.clientX, y: event.clientY };
      moved.current = false;
      onSelect?.();
    },
    onPointerMove: (event: PointerEvent<SVGElement>) => {
      if (!begun.current) return;
      const [right, down] = [event.clientX - begun.current.x, event.clientY - begun.current.y];
      moved.current ||= Math.hypot(right, down) > STILL_PX;
      if (moved.current) onMove(right / perM, down / perM, false);
    },
    onPointerUp: () => {
      const isPressed = begun.current !== null && !moved.current;
      begun.current = null;
      onEnd?.();
      if (isPressed) onOpen?.();
    },
    onPointerCancel: () => {
      begun.current = null;
      onEnd?.();
    },
    onKeyDown: (event: KeyboardEvent<SVGElement>) => {
      if (event.key === "Enter") onOpen?.();
      const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
      if (!way) return;
      event.preventDefault();
      const step = event.shiftKey ? FAR_STEP_M : STEP_M;
      onMove(way[0]! * step, way[1]! * step, true);
      onEnd?.();
    },
  });
}
