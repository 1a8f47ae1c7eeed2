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

export type Route = Pick<LineDrawing["pipes"][number], "turns_first" | "lane_below" | "lane">;

/** How high the level part of a pipe runs. */
export function levelOf(from: LineElement, to: LineElement, route: Route, layout: Layout): number {
  if (route.lane_below !== undefined) return layout.laneY(route.lane_below, route.lane ?? 0);
  return layout.y(route.turns_first ? to.row : from.row);
}

/** Half of what a pipe takes that turns. */
const TURN = 4;

/** How far a glyph reaches to either side just above the pipe, where readings stand. */
function reachOf(kind: string): number {
  switch (kind) {
    case "tank":
    case "tank_inlet":
      return 20;
    case "pressure_pump":
    case "bypass_pump":
    case "variable_pump":
    case "submersible_pump":
    case "transfer_pump":
      return 17;
    case "foot_pump":
    case "hand_pump":
    case "storage_heater":
    case "exchanger":
      return 15;
    case "tee":
    case "manifold":
    case "drain_valve":
      return 5;
    default:
      return 12;
  }
}

/** The middle of what can be seen of the level part of a pipe, a little above it: where its pressure is read. */
export function readingOf(from: LineElement, to: LineElement, route: Route, layout: Layout): [number, number] {
  const y = levelOf(from, to, route, layout);
  const reach = (element: LineElement) => (y === layout.y(element.row) ? reachOf(element.kind) : TURN);
  return [(layout.x(from.column) + reach(from) + layout.x(to.column) - reach(to)) / 2, y - 7];
}
