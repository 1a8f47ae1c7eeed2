import type { Box } from "../api/types";
import { usePlan } from "../plan/state/PlanContext";
import { readingAt } from "../plan/state/readingAt";
import { bodyOf } from "./place";
import { useFocusedField } from "./useFocusedField";

type Axis = "x" | "y" | "z";
type View = {
  /** Where a place in m along these axes is on the page: only what is measured along them is drawn. */
  right: [Axis, (m: number) => number];
  up: (m: number) => number;
  showsHeight?: boolean;
};

/** The size or place of a tank or a bay that the cursor is in, drawn where it is measured. */
export function FocusedSize({ right, up, showsHeight = false }: View) {
  const { plan, assessment } = usePlan();
  const pointer = useFocusedField();
  const [, list, index, key] = pointer?.match(/^\/(tanks|bays)\/(\d+)\/(\w+)$/) ?? [];
  const of = list === "tanks" ? plan.tanks[Number(index)] : plan.bays[Number(index)];
  if (!pointer || !of || !key) return null;
  const box = "form" in of ? bodyOf(of) : assessment.stages.tanks.drawing.bays.find((one) => one.id === of.id)?.box;
  const span = box && spanOf(key, box);
  const reading = readingAt(assessment, pointer);
  if (!box || !span || !reading) return null;
  const [axis, from, to] = span;
  const words = `${reading.text} ${reading.symbol}`;
  if (axis === right[0]) {
    const y = up(box.to_z) - 7;
    return <Span from={[right[1](from), y]} to={[right[1](to), y]} words={words} />;
  }
  if (axis !== "z" || !showsHeight) return null;
  const x = right[1](box[`to_${right[0]}`]) + 8;
  return <Span from={[x, up(to)]} to={[x, up(from)]} words={words} />;
}

/** Along which axis a field measures, and from where to where, in m. */
function spanOf(key: string, box: Box): [Axis, number, number] | null {
  switch (key) {
    case "length_mm":
      return ["x", box.from_x, box.to_x];
    case "width_mm":
      return ["y", box.from_y, box.to_y];
    case "height_mm":
      return ["z", box.from_z, box.to_z];
    case "x_m":
      return ["x", 0, (box.from_x + box.to_x) / 2];
    case "y_m":
      return ["y", 0, (box.from_y + box.to_y) / 2];
    case "z_m":
      return ["z", 0, box.from_z];
    default:
      return null;
  }
}

function Span({
  from: [x1, y1],
  to: [x2, y2],
  words,
}: {
  from: [number, number];
  to: [number, number];
  words: string;
}) {
  const tick = y1 === y2 ? "m0-4v8" : "m-4 0h8";
  return (
    <g className="stroke-rim pointer-events-none" strokeWidth="1.6" fill="none" aria-hidden>
      <path d={`M${x1} ${y1}${tick}M${x1} ${y1}L${x2} ${y2}${tick}`} />
      <text x={(x1 + x2) / 2} y={y1 - 7} textAnchor="middle" className="size-text" data-focused>
        {words}
      </text>
    </g>
  );
}
