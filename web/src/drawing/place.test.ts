import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { Plan } from "../api/types";
import { insideRig, placeForTank } from "./place";

const plan: Plan = JSON.parse(readFileSync(new URL("../../../catalogue/plans/fellside.json", import.meta.url), "utf8"));
const tail = plan.tanks[0]!;

describe("where a dragged tank can stand", () => {
  it.each([
    ["on the grid", 2.513, 0.204, false, { x_m: 2.51, y_m: 0.2 }],
    ["against the rear wall when near it", 4.45, 0.2, false, { x_m: 4.475, y_m: 0.2 }],
    ["just off the wall when moved exactly", 4.46, 0.2, true, { x_m: 4.46, y_m: 0.2 }],
    ["never outside", 99, -99, false, { x_m: 4.475, y_m: -0.815 }],
    ["never in another tank", 2.2, -0.7, false, null],
    ["beside another tank", 2.2, -0.33, false, { x_m: 2.2, y_m: -0.33 }],
  ])("%s", (_, x, y, exact, place) => {
    expect(placeForTank(plan, tail, x, y, exact)).toEqual(place);
  });
  it("above another tank there is room", () => {
    expect(placeForTank(plan, { ...tail, z_m: 0.9 }, 2.2, -0.7)).toEqual({ x_m: 2.2, y_m: -0.7 });
  });
});

it("a load stays inside the rig", () => {
  expect(insideRig(plan.load.rig, -9, 9)).toEqual({ x_m: -0.95, y_m: 1 });
});
