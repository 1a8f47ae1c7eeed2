import type { Rig } from "../api/types";

/** How large wheels are drawn, in m; those of a bus are larger. */
const WHEEL_RADIUS_M = 0.34;
const BUS_WHEEL_RADIUS_M = 0.44;

type Axle = { x_m: number; track_m: number };

/** Those of a vehicle or a trailer, in their order along it. */
export const axles = (rig: Rig): readonly Axle[] => (rig.kind === "boat" ? [] : rig.axles);

/** The wheels’ middles, in m rearward of the origin. */
export const wheels = (rig: Rig): number[] => axles(rig).map((axle) => axle.x_m);

export const wheelRadius = (rig: Rig): number =>
  Math.min(rig.body === "bus" ? BUS_WHEEL_RADIUS_M : WHEEL_RADIUS_M, rig.height_m / 4);
