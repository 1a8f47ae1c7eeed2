import type { KeyboardEvent, MouseEvent } from "react";
import { useState } from "react";
import type { Counted } from "./counting";
import { inView, type Onto, type Place, placeAt } from "./placedNotes";

type Box = { left: number; top: number; width: number; height: number };

type Props = {
  /** What the view is called: “from its left”. */
  view: string;
  right: Onto;
  up: Onto;
  box: Box;
  notes: readonly Counted[];
  /** The place that a note is being written on. */
  picked: Place | null;
  /** Where a place is wanted: what to do with it. */
  onPick: ((place: Place) => void) | null;
  onOpen: (uuid: string) => void;
};

const STEP_PX = 5;

/** The notes on places of one view of the rig, and picking a place for another: with a press, or with the arrow keys and Enter. */
export function PlacePins({ view, right, up, box, notes, picked, onPick, onOpen }: Props) {
  const [cross, setCross] = useState({ x: box.left + box.width / 2, y: box.top + box.height / 2 });
  const own = inView(picked ?? undefined, right, up);
  const press = (event: MouseEvent<SVGRectElement>) => {
    const svg = event.currentTarget.ownerSVGElement!.getBoundingClientRect();
    onPick?.(placeAt({ x: event.clientX - svg.left, y: event.clientY - svg.top }, right, up));
  };
  const key = (event: KeyboardEvent) => {
    if (event.key === "Enter") onPick?.(placeAt(cross, right, up));
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (!way) return;
    event.preventDefault();
    const step = event.shiftKey ? 4 * STEP_PX : STEP_PX;
    setCross({ x: cross.x + way[0]! * step, y: cross.y + way[1]! * step });
  };
  return (
    <g className="stroke-ink">
      {onPick && (
        <>
          <rect
            x={box.left}
            y={box.top}
            width={box.width}
            height={box.height}
            className="place-wanted"
            tabIndex={0}
            role="button"
            aria-label={`Place seen ${view}: press it, or move the cross with the arrow keys and press Enter`}
            onClick={press}
            onKeyDown={key}
          />
          <path
            d={`M${cross.x - 9} ${cross.y}h18M${cross.x} ${cross.y - 9}v18`}
            className="place-cross"
            pointerEvents="none"
          />
        </>
      )}
      {!onPick &&
        notes.map(({ record }) => {
          const at = inView(record.note?.place, right, up);
          return (
            at && (
              <g
                key={record.uuid}
                tabIndex={0}
                role="button"
                aria-label={`Note here: ${record.note?.text || "a photograph"}`}
                className="cursor-pointer"
                onClick={() => onOpen(record.uuid)}
                onKeyDown={(event) => event.key === "Enter" && onOpen(record.uuid)}
              >
                <rect x={at.x - 22} y={at.y - 22} width="44" height="44" fill="transparent" stroke="none" />
                <Pin {...at} />
              </g>
            )
          );
        })}
      {own && <Pin {...own} />}
    </g>
  );
}

/** A flag on a stick, so that the place itself stays in sight. */
function Pin({ x, y }: { x: number; y: number }) {
  return (
    <path
      d={`M${x} ${y}v-20h13v10h-13`}
      className="fill-brass stroke-ink"
      strokeWidth="1.6"
      strokeLinejoin="round"
      pointerEvents="none"
    />
  );
}
