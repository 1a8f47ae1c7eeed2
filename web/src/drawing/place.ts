import type { Box, Plan, Rig, Tank, TanksDrawing } from "../api/types";
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

/** Where a tank can stand: within the walls, and in nothing that is taken. */
export type Floor = { walls: Pick<Box, "from_x" | "to_x" | "from_y" | "to_y">; taken: readonly Box[] };

/** A tank stands within its bay, or else within the rig; the other tanks, what stands in any bay and what is fixed in the rig are in its way. */
export function floorFor(plan: Plan, tank: Tank, { bays, things }: Pick<TanksDrawing, "bays" | "things">): Floor {
  const rig = plan.load.rig;
  const from = bodyFrom(rig);
  const half = rig.width_m / 2;
  return {
    walls: bays.find((bay) => bay.id === tank.bay)?.box ?? {
      from_x: from,
      to_x: from + rig.length_m,
      from_y: -half,
      to_y: half,
    },
    taken: [
      ...plan.tanks.filter((other) => other.id !== tank.id).map(bodyOf),
      ...bays.flatMap((bay) => bay.obstructions.map((one) => one.box)),
      ...things.map((one) => one.box),
    ],
  };
}

/**
 * The free place of a tank that is nearest to where it was dragged: within the walls, against one when near it, and never in
 * what is taken; null when there is none. An exact place is not drawn to a wall.
 */
export function placeForTank(
  tank: Tank,
  { walls, taken }: Floor,
  x: number,
  y: number,
  exact = false,
): { x_m: number; y_m: number } | null {
  const wallM = exact ? 0 : WALL_M;
  const [along, across] = [rowMm(tank) / 2000, tank.width_mm / 2000];
  const inTheWay = taken.filter((other) => other.from_z < tank.z_m + tank.height_mm / 1000 && other.to_z > tank.z_m);
  // Where it is wanted, or flush with something: the nearest free place is one of these.
  const xs = [x, ...inTheWay.flatMap((other) => [other.from_x - along, other.to_x + along])];
  const ys = [y, ...inTheWay.flatMap((other) => [other.from_y - across, other.to_y + across])];
  let nearest: { x_m: number; y_m: number; away: number } | null = null;
  for (const [i, wantedX] of xs.entries()) {
    const x_m = i ? tidy(wantedX) : between(wantedX, along, walls.from_x, walls.to_x, wallM);
    for (const [j, wantedY] of ys.entries()) {
      const y_m = j ? tidy(wantedY) : between(wantedY, across, walls.from_y, walls.to_y, wallM);
      const away = Math.hypot(x_m - x, y_m - y);
      if (nearest && nearest.away <= away) continue;
      const body = bodyOf({ ...tank, x_m, y_m });
      const inside =
        i + j === 0 ||
        (within(body.from_x, body.to_x, walls.from_x, walls.to_x) &&
          within(body.from_y, body.to_y, walls.from_y, walls.to_y));
      if (inside && !inTheWay.some((other) => overlaps(body, other))) nearest = { x_m, y_m, away };
    }
  }
  return nearest && { x_m: nearest.x_m, y_m: nearest.y_m };
}

const within = (from: number, to: number, low: number, high: number) => from >= low - 1e-3 && to <= high + 1e-3;

/** The plan with a bay, and the tanks in it, moved from where they stood before: along and across the rig, kept as they are taped. */
export function bayMoved(plan: Plan, before: Plan, id: string, alongM: number, acrossM: number): Plan {
  const start = before.bays.find((bay) => bay.id === id);
  if (!start) return plan;
  const [along, across] = [onGrid(alongM), onGrid(acrossM)];
  const forward = start.along_from === "rear_sill" ? -1 : 1;
  const leftward = start.across_from === "right_wall" ? -1 : 1;
  const at = { along_m: tidy(start.along_m + forward * along), across_m: tidy(start.across_m + leftward * across) };
  return {
    ...plan,
    bays: plan.bays.map((bay) => (bay.id === id ? { ...bay, ...at } : bay)),
    tanks: plan.tanks.map((tank) => {
      const stood = before.tanks.find((one) => one.id === tank.id);
      return tank.bay === id && stood ? { ...tank, x_m: tidy(stood.x_m + along), y_m: tidy(stood.y_m + across) } : tank;
    }),
  };
}

/** How far a tank reaches along the rig: several alike stand in a row. */
export const rowMm = (tank: Tank): number => tank.count * tank.length_mm;

/** The outside of a tank, or of a row of those alike. */
export function bodyOf(tank: Tank): Box {
  const [along, across] = [rowMm(tank) / 2000, tank.width_mm / 2000];
  return {
    from_x: tank.x_m - along,
    from_y: tank.y_m - across,
    from_z: tank.z_m,
    to_x: tank.x_m + along,
    to_y: tank.y_m + across,
    to_z: tank.z_m + tank.height_mm / 1000,
  };
}

export function overlaps(a: Box, b: Box): boolean {
  const apart = 1e-6;
  return (
    a.from_x < b.to_x - apart &&
    b.from_x < a.to_x - apart &&
    a.from_y < b.to_y - apart &&
    b.from_y < a.to_y - apart &&
    a.from_z < b.to_z - apart &&
    b.from_z < a.to_z - apart
  );
}
