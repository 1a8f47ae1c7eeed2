import type { Tank } from "../api/types";

/** Whether a tank is an ellipse in a view: a cylinder seen along its axis. A lying one lies along its longer side. */
export function isRound(tank: Tank, from: "side" | "above" | "behind"): boolean {
  if (tank.count > 1) return false;
  if (from === "above") return tank.shape === "upright_cylinder";
  return tank.shape === "lying_cylinder" && tank.width_mm > tank.length_mm === (from === "side");
}
