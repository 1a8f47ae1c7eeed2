import { describe, expect, it } from "vitest";
import type { LineDrawing } from "../../api/types";
import { layoutOf } from "./layout";

const drawing = (columns: number, rows = 1, lanes: number[] = []) =>
  ({ columns, rows, lanes }) as unknown as LineDrawing;

describe("where columns, rows and lanes of a line lie", () => {
  it("fills the width with few columns, up to what still reads as one line", () => {
    expect(layoutOf(drawing(8), 862).column).toBe(102);
    expect(layoutOf(drawing(3), 862).column).toBe(128);
    expect(layoutOf(drawing(0), 862).width).toBe(862);
  });

  it.each([
    [862, 18],
    [390, 7],
    [1600, 30],
  ])("fits into %d px what can be read there, %d columns", (width, columns) => {
    const layout = layoutOf(drawing(columns), width);
    expect(layout.width).toBe(width);
    expect(layout.x(columns - 1) + layout.column / 2).toBeLessThanOrEqual(width);
  });

  it("gives every part room for a finger and a word where it is scrolled", () => {
    const layout = layoutOf(drawing(18), 362);
    expect(layout.column).toBe(58);
    expect(layout.width).toBeGreaterThan(18 * 58);
    expect(layout.x(17) + layout.column / 2).toBeLessThanOrEqual(layout.width);
  });

  it("puts each row below the lanes before it, and each lane between its rows", () => {
    const layout = layoutOf(drawing(5, 3, [1, 2, 0]), 862);
    expect(layout.y(1) - layout.y(0)).toBeGreaterThan(
      layoutOf(drawing(5, 3), 862).y(1) - layoutOf(drawing(5, 3), 862).y(0),
    );
    for (const [below, lane] of [
      [0, 0],
      [0, 1],
    ] as const) {
      expect(layout.laneY(below, lane)).toBeGreaterThan(layout.y(below));
      expect(layout.laneY(below, lane)).toBeLessThan(layout.y(below + 1));
    }
    expect(layout.laneY(0, 1) - layout.laneY(0, 0)).toBe(20);
    expect(layout.height).toBeGreaterThan(layout.y(2));
  });
});
