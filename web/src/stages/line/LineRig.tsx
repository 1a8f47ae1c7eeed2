import type { LineDrawing } from "../../api/types";
import { RigPlan } from "../../drawing/RigPlan";
import { RigSide } from "../../drawing/RigSide";
import { span } from "../../drawing/scale";
import { useWidth } from "../../drawing/useWidth";
import { usePlan } from "../../plan/state/PlanContext";

const [MARGIN, MAX_PER_M] = [34, 110];

type Props = { drawing: LineDrawing; selected: string | null; onSelect: (id: string) => void };

/** Where the line runs in the rig, from its left and from above, to scale; parts that nobody has placed stand beside their tank. */
export function LineRig({ drawing, selected, onSelect }: Props) {
  const { plan } = usePlan();
  const [ref, width] = useWidth<HTMLDivElement>(860);
  const rig = plan.load.rig;
  const { from, to } = span(rig);
  const perM = Math.min(MAX_PER_M, (width - 2 * MARGIN) / (to - from));
  const scale = { perM, x: (m: number) => MARGIN + (m - from) * perM };
  const ground = rig.height_m * perM + 10;
  const middle = ground + 40 + (rig.width_m * perM) / 2;
  const side = (m: number) => ground - m * perM;
  const above = (m: number) => middle + m * perM;
  return (
    <details className="mt-5">
      <summary className="label cursor-pointer py-2">Where the line runs in the rig</summary>
      <div ref={ref}>
        <svg
          width={width}
          height={middle + (rig.width_m * perM) / 2 + 16}
          role="group"
          aria-label="The line in the rig, from its left and from above, to scale"
        >
          <RigSide scale={scale} ground={ground} loads={false} selected={selected} onSelect={onSelect} />
          <RigPlan scale={scale} middle={middle} loads={false} selected={selected} onSelect={onSelect} />
          <Runs drawing={drawing} selected={selected} x={scale.x} up={(point) => side(point.z_m)} />
          <Runs drawing={drawing} selected={selected} x={scale.x} up={(point) => above(point.y_m)} />
        </svg>
      </div>
    </details>
  );
}

type Point = { x_m: number; y_m: number; z_m: number };

function Runs({
  drawing,
  selected,
  x,
  up,
}: {
  drawing: LineDrawing;
  selected: string | null;
  x: (m: number) => number;
  up: (point: Point) => number;
}) {
  return (
    <g fill="none" strokeLinejoin="round" pointerEvents="none">
      {drawing.pipes.map((pipe) => (
        <path
          key={pipe.id}
          d={pipe.points.map((point, at) => `${at ? "L" : "M"}${x(point.x_m)} ${up(point)}`).join("")}
          className={pipe.id === selected ? "stroke-rim" : "stroke-water"}
          strokeWidth="2.2"
          strokeDasharray={pipe.hot ? "6 3" : undefined}
        />
      ))}
      {drawing.places.map((place) => (
        <circle
          key={place.id}
          cx={x(place.x_m)}
          cy={up(place)}
          r={place.id === selected ? 5 : 3}
          className={place.id === selected ? "fill-rim stroke-rim" : "fill-sheet stroke-ink"}
          strokeWidth="1.4"
          strokeDasharray={place.guessed ? "2 2" : undefined}
        />
      ))}
    </g>
  );
}
