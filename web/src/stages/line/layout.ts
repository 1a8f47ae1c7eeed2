import type { LineElement } from "../../api/types";

export const [LEFT, TOP, ROW, GLYPH] = [46, 36, 80, 46];
const LEAST_COLUMN = 45;
const MOST_COLUMN = 128;

/** How wide a column is where so many share a width. */
export const columnWidth = (columns: number, width: number): number =>
  Math.min(MOST_COLUMN, Math.max(LEAST_COLUMN, (width - LEFT) / Math.max(columns, 1)));

/** The middle of a part’s glyph. */
export const middleOf = (element: LineElement, column: number): [number, number] => [
  LEFT + (element.column + 0.5) * column,
  TOP + element.row * ROW,
];
