import type { Box } from "../api/types";
import { usePlan } from "../plan/state/PlanContext";
import { readingAt } from "../plan/state/readingAt";
import { bodyOf } from "./place";
import { useFocusedField } from "./useFocusedField";

type Axis = "x" | "y" | "z";
type View = {
  /** What goes to the right and what goes up on the page, and where a place in m is there. */
  right: [Axis, (m: number) => number];
  up: [Axis, (m: number) => number];
};

/** The size or place of a tank or a bay that the cursor is in, drawn where it is measured; in a view that shows it from the side nothing. */
export function FocusedSize({ right, up }: View) {
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
    const y = Math.min(up[1](box[`from_${up[0]}`]), up[1](box[`to_${up[0]}`])) - 7;
    return <Span from={[right[1](from), y]} to={[right[1](to), y]} words={words} />;
  }
  if (axis === up[0] && axis === "z") {
    const x = right[1](box[`to_${right[0]}`]) + 8;
    return <Span from={[x, up[1](from)]} to={[x, up[1](to)]} words={words} />;
  }
  return null;
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
  const across = y1 === y2 ? "v" : "h";
  return (
    <g className="stroke-rim pointer-events-none" strokeWidth="1.6" fill="none" aria-hidden>
      <path
        d={`M${x1} ${y1}L${x2} ${y2}M${across === "v" ? x1 : x1 - 4} ${across === "v" ? y1 - 4 : y1}${across}8M${across === "v" ? x2 : x2 - 4} ${across === "v" ? y2 - 4 : y2}${across}8`}
      />
      <text
        x={(x1 + x2) / 2 + (across === "h" ? 8 : 0)}
        y={(y1 + y2) / 2 + (across === "h" ? 4 : -6)}
        textAnchor={across === "h" ? "start" : "middle"}
        className="size-text"
        data-focused
      >
        {words}
      </text>
    </g>
  );
}
