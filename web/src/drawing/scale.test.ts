import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { Rig } from "../api/types";
import { planOutline, sideOutline, window } from "./rigOutlines";
import { bodyFrom, scaleFor, span } from "./scale";
import { wheelRadius, wheels } from "./wheels";

const rigs: { id: string; rig: Rig }[] = JSON.parse(
  readFileSync(new URL("../../../catalogue/rigs.json", import.meta.url), "utf8"),
).rigs;
const numbers = (path: string) => path.match(/-?\d+(?:\.\d+)?/g)!.map(Number);

describe.each(rigs)("the drawing of a $id", ({ rig }) => {
  it.each([320, 560, 900])("fits into %i pixels with its margin, to one scale", (width) => {
    const scale = scaleFor(rig, width, 30);
    const { from, to } = span(rig);
    expect(scale.x(from)).toBeGreaterThanOrEqual(30 - 1e-9);
    expect(scale.x(to)).toBeLessThanOrEqual(width - 30 + 1e-9);
    expect(scale.x(1) - scale.x(0)).toBeCloseTo(scale.perM, 9);
    expect(scale.perM).toBeLessThanOrEqual(130);
  });
  it("keeps its outline within its length, height and width", () => {
    const from = bodyFrom(rig);
    const side = numbers(
      sideOutline(
        rig,
        (m) => m - from,
        (m) => m,
      ),
    );
    expect(side.every(Number.isFinite)).toBe(true);
    expect(Math.max(...side)).toBeLessThanOrEqual(Math.max(rig.length_m, rig.height_m) + 0.06);
    expect(Math.min(...side)).toBeGreaterThanOrEqual(-0.06);
    const above = numbers(
      planOutline(
        rig,
        (m) => m - from,
        (m) => m,
      ),
    );
    expect(Math.max(...above)).toBeLessThanOrEqual(rig.length_m + 0.06);
    expect(Math.min(...above)).toBeGreaterThanOrEqual(-rig.width_m / 2 - 0.06);
  });
  it("has its wheels on the ground under its body, and a window only where somebody drives", () => {
    const from = bodyFrom(rig);
    for (const at of wheels(rig)) {
      expect(at).toBeGreaterThan(from);
      expect(at).toBeLessThan(from + rig.length_m);
    }
    expect(wheels(rig)).toHaveLength(rig.kind === "boat" ? 0 : rig.axles.length);
    expect(wheelRadius(rig)).toBeLessThan(rig.height_m / 3);
    expect(
      window(
        rig,
        (m) => m,
        (m) => m,
      ) !== null,
    ).toBe(rig.kind === "road");
  });
});
