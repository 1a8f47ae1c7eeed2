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

type Point = readonly [number, number];

/** A pipe with the parts at its ends. */
export type Ends = { from: LineElement; to: LineElement; pipe: Route };

/** How far apart pipes go down beside the same part: just more than a pipe is wide. */
const BESIDE = 9;

/** The corners of every pipe, in the order of the drawing. */
export function allCorners(ends: readonly Ends[], layout: Layout): (readonly Point[])[] {
  const beside = new Map<number, number>();
  return ends.map(({ from, to, pipe }) => {
    const before = beside.get(to.column) ?? 0;
    if (goesBeside(from, to, pipe)) beside.set(to.column, before + 1);
    return cornersOf(from, to, pipe, layout, layout.x(to.column) - 0.4 * layout.column - (before % 3) * BESIDE);
  });
}

/** Past other rows a pipe goes beside their parts. */
const goesBeside = (from: LineElement, to: LineElement, route: Route): boolean =>
  !route.turns_first && (route.lane_below !== undefined || Math.abs(from.row - to.row) > 1);

function cornersOf(from: LineElement, to: LineElement, route: Route, layout: Layout, beside: number): readonly Point[] {
  const [[x1, y1], [x2, y2]] = [middleOf(from, layout), middleOf(to, layout)];
  if (route.turns_first)
    return [
      [x1, y1],
      [x1, y2],
      [x2, y2],
    ];
  const level = levelOf(from, to, route, layout);
  const turn = goesBeside(from, to, route) ? beside : x2;
  return [
    [x1, y1],
    [x1, level],
    [turn, level],
    [turn, y2],
    [x2, y2],
  ];
}

/** Half of what a reading takes, with the line of a pipe. */
const [READING_X, READING_Y] = [15, 9];
/** How far from the pipe the foot of its reading is. */
const [OVER, UNDER] = [7, 16];

/** A place for a reading, and whether no pipe goes through it. */
export type Reading = { at: Point; isClear: boolean };

/**
 * Where the pressure of a pipe is read: above the middle of what can be seen of its level part, or else near its ends or below
 * it, clear of the other pipes.
 */
export function readingOf(
  from: LineElement,
  to: LineElement,
  route: Route,
  layout: Layout,
  others: readonly (readonly Point[])[] = [],
): Reading {
  const y = levelOf(from, to, route, layout);
  const reach = (element: LineElement) => (y === layout.y(element.row) ? reachOf(element.kind) : TURN);
  const [start, end] = [layout.x(from.column) + reach(from), layout.x(to.column) - reach(to)].sort((a, b) => a - b);
  const middle = (start! + end!) / 2;
  const along = [middle, start! + READING_X, end! - READING_X].filter((x) => x === middle || (x > start! && x < end!));
  const places = [y - OVER, y + UNDER].flatMap((base) => along.map((x): Point => [x, base]));
  const isClear = ([x, base]: Point) => !others.some((corners) => passes(corners, x, base - 4));
  const clear = places.find(isClear);
  return { at: clear ?? places[0]!, isClear: clear !== undefined };
}

/** Whether a pipe goes through the reading whose middle is there. */
const passes = (corners: readonly Point[], x: number, y: number): boolean =>
  corners.slice(1).some(([x2, y2], index) => {
    const [x1, y1] = corners[index]!;
    return (
      Math.max(x1, x2) > x - READING_X &&
      Math.min(x1, x2) < x + READING_X &&
      Math.max(y1, y2) > y - READING_Y &&
      Math.min(y1, y2) < y + READING_Y
    );
  });
