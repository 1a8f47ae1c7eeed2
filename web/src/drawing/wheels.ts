import type { Rig } from "../api/types";

/** How large wheels are drawn, in m; those of a bus are larger. */
const WHEEL_RADIUS_M = 0.34;
const BUS_WHEEL_RADIUS_M = 0.44;

/** The wheels' middles, in m rearward of the origin. */
export function wheels(rig: Rig): number[] {
  if (rig.kind === "road") return [0, rig.wheelbase_m];
  return rig.kind === "trailer" ? [rig.coupling_to_axle_m] : [];
}

export const wheelRadius = (rig: Rig): number =>
  Math.min(rig.body === "bus" ? BUS_WHEEL_RADIUS_M : WHEEL_RADIUS_M, rig.height_m / 4);
