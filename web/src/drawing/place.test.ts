import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { Plan } from "../api/types";
import { floorFor, insideRig, placeForTank } from "./place";

const plan: Plan = JSON.parse(readFileSync(new URL("../../../catalogue/plans/fellside.json", import.meta.url), "utf8"));
const { bay: _, ...tail } = plan.tanks[0]!;
const box = { from_x: 3.55, from_y: -0.97, from_z: 0.62, to_x: 4.95, to_y: -0.56, to_z: 1.06 };
const arch = { ...box, to_x: 3.69, to_y: -0.78, to_z: 0.88 };
const bays = [
  {
    id: "tail-locker",
    box,
    obstructions: [{ id: "arch", name: "Wheel arch", box: arch }],
    along: [],
    across: [],
  },
];

describe("where a dragged tank can stand", () => {
  it.each([
    ["on the grid", 2.513, 0.204, false, { x_m: 2.51, y_m: 0.2 }],
    ["against the rear wall when near it", 4.45, 0.2, false, { x_m: 4.475, y_m: 0.2 }],
    ["just off the wall when moved exactly", 4.46, 0.2, true, { x_m: 4.46, y_m: 0.2 }],
    ["never outside", 99, -99, false, { x_m: 4.475, y_m: -0.815 }],
    ["beside another tank that is in the way", 2.2, -0.7, false, { x_m: 2.2, y_m: -0.535 }],
    ["beside another tank", 2.2, -0.33, false, { x_m: 2.2, y_m: -0.33 }],
  ])("%s", (_, x, y, exact, place) => {
    expect(placeForTank(tail, floorFor(plan, tail, { bays: [], things: [] }), x, y, exact)).toEqual(place);
  });
  it("beside what is fixed in the rig", () => {
    const heater = { id: "heater", name: "Heater", box: { ...box, from_x: 2, to_x: 2.3, from_y: -0.1, to_y: 0.1 } };
    expect(placeForTank(tail, floorFor(plan, tail, { bays: [], things: [heater] }), 2.1, 0.2)).toEqual({
      x_m: 2.1,
      y_m: 0.285,
    });
  });
  it("nowhere when all is taken", () => {
    const full = { ...tail, length_mm: 4000, width_mm: 1990 };
    expect(placeForTank(full, floorFor(plan, full, { bays: [], things: [] }), 2, 0)).toBeNull();
  });
  it("above another tank there is room", () => {
    const high = { ...tail, z_m: 0.9 };
    expect(placeForTank(high, floorFor(plan, high, { bays: [], things: [] }), 2.2, -0.7)).toEqual({
      x_m: 2.2,
      y_m: -0.7,
    });
  });
  it.each([
    ["within its bay", 9, 0, { x_m: 4.475, y_m: -0.745 }],
    ["beside what stands there", 4.1, -0.8, { x_m: 4.165, y_m: -0.785 }],
  ])("%s", (_, x, y, place) => {
    const there = { ...tail, bay: "tail-locker" };
    expect(placeForTank(there, floorFor(plan, there, { bays, things: [] }), x, y)).toEqual(place);
  });
});

it("a load stays inside the rig", () => {
  expect(insideRig(plan.load.rig, -9, 9)).toEqual({ x_m: -0.95, y_m: 1 });
});
