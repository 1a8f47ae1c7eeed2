import type { Plan, Rig, Tank } from "../api/types";
import { bodyFrom } from "./scale";

const GRID_M = 0.01;
/** Nearer than this to a wall, a tank goes against it. */
const WALL_M = 0.04;

const onGrid = (m: number) => Math.round(m / GRID_M) * GRID_M;
const tidy = (m: number) => Math.round(m * 1000) / 1000;

/** Keeps a middle within two walls, half a length away from each, and against a wall that is near. */
function between(middle: number, half: number, low: number, high: number, wallM: number): number {
  const [least, most] = [low + half, high - half];
  if (least > most) return tidy((low + high) / 2);
  if (middle < least + wallM) return tidy(least);
  if (middle > most - wallM) return tidy(most);
  return tidy(onGrid(middle));
}

/** A load's place, kept inside the rig. */
export function insideRig(rig: Rig, x: number, y: number): { x_m: number; y_m: number } {
  const from = bodyFrom(rig);
  const keep = (m: number, low: number, high: number) => tidy(onGrid(Math.min(high, Math.max(low, m))));
  return { x_m: keep(x, from, from + rig.length_m), y_m: keep(y, -rig.width_m / 2, rig.width_m / 2) };
}

/** A tank's place: inside the rig, against a wall when near one, and never inside another tank; null when that spot is taken. An exact place is not drawn to a wall. */
export function placeForTank(
  plan: Plan,
  tank: Tank,
  x: number,
  y: number,
  exact = false,
): { x_m: number; y_m: number } | null {
  const rig = plan.load.rig;
  const from = bodyFrom(rig);
  const wallM = exact ? 0 : WALL_M;
  const x_m = between(x, rowMm(tank) / 2000, from, from + rig.length_m, wallM);
  const y_m = between(y, tank.width_mm / 2000, -rig.width_m / 2, rig.width_m / 2, wallM);
  const moved = { ...tank, x_m, y_m };
  return plan.tanks.some((other) => other.id !== tank.id && overlaps(moved, other)) ? null : { x_m, y_m };
}

/** How far a tank reaches along the rig: several alike stand in a row. */
export const rowMm = (tank: Tank): number => tank.count * tank.length_mm;

function overlaps(a: Tank, b: Tank): boolean {
  const apart = 1e-6;
  return (
    Math.abs(a.x_m - b.x_m) < (rowMm(a) + rowMm(b)) / 2000 - apart &&
    Math.abs(a.y_m - b.y_m) < (a.width_mm + b.width_mm) / 2000 - apart &&
    a.z_m + a.height_mm / 1000 > b.z_m + apart &&
    b.z_m + b.height_mm / 1000 > a.z_m + apart
  );
}
