import type { Box } from "../api/types";
import { usePlan } from "../plan/state/PlanContext";
import { useDrag } from "./useDrag";
import { useMoves } from "./useMoves";
import { useTrouble } from "./useTrouble";

type Axis = "x" | "y" | "z";
/** An axis of the rig, and how its metres become pixels. */
type Onto = readonly [Axis, (m: number) => number];

type Props = {
  right: Onto;
  up: Onto;
  selected: string | null;
  onSelect: (id: string) => void;
  onOpen?: (id: string) => void;
};

/** The rectangle that a box of the rig becomes in a view. */
export function seen(box: Box, [right, x]: Onto, [up, y]: Onto) {
  const [left, other] = [x(box[`from_${right}`]), x(box[`to_${right}`])];
  const [top, bottom] = [y(box[`to_${up}`]), y(box[`from_${up}`])];
  return {
    x: Math.min(left, other),
    y: Math.min(top, bottom),
    width: Math.abs(other - left),
    height: Math.abs(bottom - top),
  };
}

/** The bays of a rig in one view, dashed, and hatched what stands in them and what is fixed elsewhere. */
export function BaysFrom({ right, up, selected, onSelect, onOpen }: Props) {
  const { plan, assessment } = usePlan();
  const inTrouble = useTrouble();
  const drag = useDrag();
  const { moveBay, end } = useMoves();
  const perM = Math.abs(right[1](1) - right[1](0));
  const ways = right[0] === "y" ? "across" : up[0] === "y" ? "along and across" : "along";
  return (
    <>
      {assessment.stages.tanks.drawing.bays.map((bay) => {
        const on = selected === bay.id;
        const planned = plan.bays.find((one) => one.id === bay.id);
        if (!planned) return null;
        return (
          <g
            key={bay.id}
            {...drag({
              perM,
              onSelect: () => onSelect(bay.id),
              onOpen: () => onOpen?.(bay.id),
              onEnd: end,
              onMove: (toRight, down, exact) =>
                moveBay(planned, {
                  alongM: right[0] === "x" ? toRight : 0,
                  acrossM: right[0] === "y" ? toRight : up[0] === "y" ? down : 0,
                  exact,
                }),
            })}
            role="button"
            aria-label={`${planned.name}, move ${ways} the rig`}
          >
            <rect
              {...seen(bay.box, right, up)}
              className={on ? "fill-ground stroke-rim" : "fill-ground stroke-ink-3"}
              fillOpacity="0.6"
              strokeWidth={on ? 2.2 : 1.1}
              strokeDasharray="5 4"
            >
              <title>{planned.name}</title>
            </rect>
            {bay.obstructions.map((one) => (
              <rect
                key={one.id}
                {...seen(one.box, right, up)}
                className={inTrouble.has(one.id) ? "stroke-rust" : "stroke-ink-3"}
                fill="url(#hatch)"
                strokeWidth="1.1"
                pointerEvents="none"
              />
            ))}
          </g>
        );
      })}
      {assessment.stages.tanks.drawing.things.map((one) => (
        <rect
          key={one.id}
          {...seen(one.box, right, up)}
          onPointerDown={() => onSelect(one.id)}
          className={selected === one.id ? "stroke-rim" : inTrouble.has(one.id) ? "stroke-rust" : "stroke-ink-2"}
          fill="url(#hatch)"
          strokeWidth={selected === one.id ? 2.2 : 1.3}
        >
          <title>{one.name}</title>
        </rect>
      ))}
    </>
  );
}

/** What is in the way is drawn with it; once in every drawing that has bays. */
export function Hatch() {
  return (
    <defs>
      <pattern id="hatch" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d="M0 0V5" className="stroke-ink-3" strokeWidth="1.6" />
      </pattern>
    </defs>
  );
}
