import type { LineDrawing, LineElement } from "../../api/types";

export const LEFT = 46;
const [TOP, ROW, BELOW, LANE] = [36, 80, 76, 20];
/** Below the labels of a row. */
const LABELS = 52;
const LEAST_COLUMN = 45;
/** Where it has to be scrolled anyway: room for “Accumulator”, and for a finger. */
const SCROLLED_COLUMN = 58;
const MOST_COLUMN = 128;

/** How wide a column is where so many share a width. */
function columnWidth(columns: number, width: number): number {
  const share = (width - LEFT) / Math.max(columns, 1);
  return share < LEAST_COLUMN ? SCROLLED_COLUMN : Math.min(MOST_COLUMN, share);
}

export type Layout = {
  column: number;
  width: number;
  height: number;
  x: (column: number) => number;
  y: (row: number) => number;
  /** Of a lane below a row. */
  laneY: (below: number, lane: number) => number;
};

/** Where columns, rows and the lanes between them lie, in pixels. */
export function layoutOf(drawing: LineDrawing, width: number): Layout {
  const column = columnWidth(drawing.columns, width);
  const lanesAbove = (row: number) => drawing.lanes.slice(0, row + 1).reduce((sum, lanes) => sum + lanes, 0);
  const y = (row: number) => TOP + row * ROW + lanesAbove(row) * LANE;
  return {
    column,
    width: Math.max(width, LEFT + drawing.columns * column),
    height: y(Math.max(drawing.rows - 1, 0)) + (drawing.lanes.at(-1) ?? 0) * LANE + BELOW,
    x: (at) => LEFT + (at + 0.5) * column,
    y,
    laneY: (below, lane) => (below < 0 ? TOP - LABELS + ROW : y(below) + LABELS) + lane * LANE,
  };
}

/** The middle of a part’s glyph. */
export const middleOf = (element: LineElement, layout: Layout): [number, number] => [
  layout.x(element.column),
  layout.y(element.row),
];
