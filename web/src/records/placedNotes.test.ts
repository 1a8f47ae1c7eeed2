import { describe, expect, it } from "vitest";
import { inView, type Onto, placeAt } from "./placedNotes";

const side: [Onto, Onto] = [
  ["x_m", (m) => 40 + 100 * m],
  ["z_m", (m) => 300 - 100 * m],
];
const above: [Onto, Onto] = [
  ["x_m", (m) => 40 + 100 * m],
  ["y_m", (m) => 120 + 100 * m],
];

describe("a place on a drawing", () => {
  it("is where it was pressed, whichever way its axes go, to a centimetre", () => {
    expect(placeAt({ x: 280, y: 240 }, ...side)).toEqual({ x_m: 2.4, z_m: 0.6 });
    expect(placeAt({ x: -10.4, y: 90 }, ...above)).toEqual({ x_m: -0.5, y_m: -0.3 });
    expect(inView(placeAt({ x: 280, y: 240 }, ...side), ...side)).toEqual({ x: 280, y: 240 });
  });
  it("is not shown where one of its axes is not", () => {
    expect(inView({ x_m: 2.4, z_m: 0.6 }, ...above)).toBeNull();
    expect(inView(undefined, ...side)).toBeNull();
    expect(inView({ x_m: 0, z_m: 0 }, ...side)).toEqual({ x: 40, y: 300 });
  });
});
