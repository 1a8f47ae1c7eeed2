import { describe, expect, it } from "vitest";
import type { LineDrawing, LineElement } from "../../api/types";
import { layoutOf, type Route, readingOf } from "./layout";
import { rowsBetween } from "./useRowsInSight";

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

describe("where the pressure of a pipe is read", () => {
  const layout = layoutOf(drawing(18, 3, [0, 1]), 860);
  const part = (kind: string, column: number, row = 0) => ({ kind, column, row }) as LineElement;
  const along = { turns_first: false };

  it.each([
    ["storage_heater", "mixing_valve", 15, 12],
    ["pressure_pump", "accumulator", 17, 12],
    ["tank", "tee", 20, 5],
    ["tee", "tee", 5, 5],
  ])("is between what can be seen of %s and %s", (from, to, before, behind) => {
    const [x, y] = readingOf(part(from, 3), part(to, 4), along, layout).at;
    expect(x - (layout.x(3) + before)).toBeCloseTo(layout.x(4) - behind - x);
    expect(y).toBeLessThan(layout.y(0));
  });

  it("is on the row where a pipe runs level, or on its lane", () => {
    const [from, to] = [part("tee", 2, 0), part("tap", 5, 1)];
    const turned = readingOf(from, to, { turns_first: true }, layout).at;
    expect(turned[1]).toBe(layout.y(1) - 7);
    expect(turned[0]).toBeLessThan((layout.x(2) + layout.x(5)) / 2);
    expect(readingOf(from, to, along, layout).at[1]).toBe(layout.y(0) - 7);
    expect(readingOf(from, to, { turns_first: false, lane_below: 0, lane: 0 }, layout).at[1]).toBe(
      layout.laneY(0, 0) - 7,
    );
  });
});

const part = (column: number, row: number, kind = "tee") => ({ column, row, kind }) as LineElement;
const across = {} as Route;

describe("the reading of a pipe, beside others", () => {
  const layout = layoutOf(drawing(8, 4), 862);
  const [from, to] = [part(1, 1), part(2, 1)];
  const middle = (layout.x(1) + layout.x(2)) / 2;
  const upAndDown = (x: number, y1: number, y2: number) => [[x, y1] as const, [x, y2] as const];

  it("is above its middle where nothing else goes", () => {
    expect(readingOf(from, to, across, layout)).toEqual({ at: [middle, layout.y(1) - 7], isClear: true });
    expect(readingOf(from, to, across, layout, [upAndDown(middle, layout.y(1), 999)]).at[1]).toBe(layout.y(1) - 7);
  });

  it("makes room for a pipe that comes down there", () => {
    const [x, y] = readingOf(from, to, across, layout, [upAndDown(middle, 0, layout.y(1))]).at;
    expect(y).toBe(layout.y(1) - 7);
    expect(Math.abs(x - middle)).toBeGreaterThan(15);
  });

  it("goes below where pipes come down all along it, and says so where there is no room at all", () => {
    const along = [0.2, 0.5, 0.8].map((share) => layout.x(1) + share * layout.column);
    const down = along.map((x) => upAndDown(x, 0, layout.y(1)));
    expect(readingOf(from, to, across, layout, down).at).toEqual([middle, layout.y(1) + 16]);
    const through = along.map((x) => upAndDown(x, 0, 999));
    expect(readingOf(from, to, across, layout, through).isClear).toBe(false);
  });
});

describe("the rows that are in sight of a line that is scrolled", () => {
  const trunk = [0, 1, 2].map((column) => ({ ...part(column, 2), id: `trunk-${column}` }));
  const tap = { ...part(5, 0), id: "tap" };
  const line = {
    ...drawing(6, 4),
    elements: [...trunk, tap],
    pipes: [{ id: "pipe", from: "trunk-2", to: "tap", turns_first: true }],
  } as unknown as LineDrawing;
  const layout = layoutOf(line, 200);

  it("are those of its parts and of the pipes that pass", () => {
    const first = rowsBetween(0, layout.x(1), line, layout);
    expect(first.top).toBe(layout.y(2) - 36);
    expect(first.height).toBe(36 + 76);
    // On the way to the tap there is only its pipe, already as high as the tap.
    expect(rowsBetween(layout.x(3), layout.x(4), line, layout).top).toBe(layout.y(0) - 36);
    const both = rowsBetween(layout.x(2), layout.x(5), line, layout);
    expect([both.top, both.height]).toEqual([0, layout.y(2) + 76]);
  });

  it("are all where nothing is in sight", () => {
    expect(rowsBetween(900, 990, line, layout)).toEqual({ top: 0, height: layout.height });
  });
});
