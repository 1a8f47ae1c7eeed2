import { type UIEventHandler, useState } from "react";
import type { LineDrawing } from "../../api/types";
import { type Layout, levelOf } from "./layout";

/** What the rows and their labels take above and below a pipe, in pixels. */
const [ABOVE, BELOW] = [36, 76];

export type Sight = { top: number; height: number };

/** How far the drawing reaches up and down between two places along it: the rows elsewhere leave no empty band. */
export function rowsBetween(left: number, right: number, drawing: LineDrawing, layout: Layout): Sight {
  const at = new Map(drawing.elements.map((element) => [element.id, element]));
  const half = layout.column / 2;
  const heights = drawing.elements
    .filter((one) => layout.x(one.column) + half > left && layout.x(one.column) - half < right)
    .map((one) => layout.y(one.row));
  for (const pipe of drawing.pipes) {
    const [from, to] = [at.get(pipe.from), at.get(pipe.to)];
    if (!from || !to) continue;
    const [x1, x2] = [layout.x(from.column), layout.x(to.column)];
    if (Math.max(x1, x2) > left && Math.min(x1, x2) < right) heights.push(levelOf(from, to, pipe, layout));
  }
  if (heights.length === 0) return { top: 0, height: layout.height };
  const top = Math.max(0, Math.min(...heights) - ABOVE);
  return { top, height: Math.min(layout.height, Math.max(...heights) + BELOW) - top };
}

/** The rows that are in sight of a drawing that is scrolled sideways, all of them where it need not be; and what to call when it is. */
export function useRowsInSight(width: number, drawing: LineDrawing, layout: Layout): [Sight, UIEventHandler] {
  const [first, setFirst] = useState(0);
  const look: UIEventHandler = (event) => setFirst(Math.floor(event.currentTarget.scrollLeft / layout.column));
  if (layout.width <= width) return [{ top: 0, height: layout.height }, look];
  const left = first * layout.column;
  return [rowsBetween(left, left + width + layout.column, drawing, layout), look];
}
