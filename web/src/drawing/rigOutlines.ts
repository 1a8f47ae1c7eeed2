import type { Rig } from "../api/types";
import { bodyFrom } from "./scale";

type To = (m: number) => number;
type Point = readonly [number, number];

/** A closed path through points, with its corners rounded by up to 9 pixels. */
function rounded(points: readonly Point[]): string {
  const part = (from: Point, to: Point) => {
    const length = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
    const share = Math.min(9, length / 2) / length;
    return `${(from[0] + (to[0] - from[0]) * share).toFixed(1)} ${(from[1] + (to[1] - from[1]) * share).toFixed(1)}`;
  };
  const corners = points.map((corner, index) => {
    const before = points.at(index - 1)!;
    const after = points[(index + 1) % points.length]!;
    return `${index === 0 ? "M" : "L"}${part(corner, before)}Q${corner[0].toFixed(1)} ${corner[1].toFixed(1)} ${part(corner, after)}`;
  });
  return `${corners.join("")}Z`;
}

/** The outside of a rig seen from its left, as an SVG path: x and z map metres to pixels. */
export function sideOutline(rig: Rig, x: To, z: To): string {
  const from = bodyFrom(rig);
  const path = (points: readonly Point[]) => rounded(points.map(([along, up]) => [x(from + along), z(up)]));
  const [l, h] = [rig.length_m, rig.height_m];
  const sill = Math.max(0.2, rig.floor_m - 0.2);
  switch (rig.body) {
    case "van":
      return path([
        [0, sill],
        [0, 0.95],
        [0.1, 1.1],
        [0.55, 1.24],
        [1.15, h * 0.86],
        [1.4, h * 0.97],
        [1.75, h],
        [l - 0.08, h],
        [l, h - 0.12],
        [l, sill],
      ]);
    case "bus":
      return path([
        [0, sill],
        [0, h * 0.42],
        [0.12, h * 0.9],
        [0.3, h],
        [l - 0.2, h],
        [l, h - 0.2],
        [l, sill],
      ]);
    case "pickup":
      return path([
        [0, 0.45],
        [0.03, 0.95],
        [1.15, 1.1],
        [1.65, h * 0.92],
        [1.9, h],
        [l * 0.62, h],
        [l * 0.64, h * 0.99],
        [l - 0.05, h * 0.97],
        [l, h * 0.6],
        [l, 0.5],
      ]);
    case "trailer":
      return path([
        [0, sill],
        [0, h * 0.7],
        [0.25, h * 0.95],
        [0.5, h],
        [l - 0.15, h],
        [l, h - 0.15],
        [l, sill],
      ]);
    case "boat":
      return path([
        [0, h * 0.98],
        [l * 0.06, h * 0.6],
        [l * 0.18, h * 0.34],
        [l * 0.36, h * 0.12],
        [l * 0.46, 0],
        [l * 0.66, 0],
        [l * 0.78, h * 0.3],
        [l * 0.97, h * 0.5],
        [l, h * 0.86],
        [l * 0.7, h * 0.8],
        [l * 0.35, h * 0.84],
      ]);
  }
}

/** The outside of a rig seen from above: x along, y across. */
export function planOutline(rig: Rig, x: To, y: To): string {
  const from = bodyFrom(rig);
  const half = rig.width_m / 2;
  const at = ([along, across]: Point) => `${x(from + along).toFixed(1)} ${y(across).toFixed(1)}`;
  const l = rig.length_m;
  if (rig.body === "boat") {
    const [bow, quarter, stern] = [at([0, 0]), at([l * 0.55, -half]), at([l, -half * 0.72])];
    const bowToStern = `C${at([l * 0.18, -half * 0.9])} ${at([l * 0.35, -half])} ${quarter}S${at([l * 0.9, -half * 0.86])} ${stern}`;
    const sternToBow = `L${at([l, half * 0.72])}C${at([l * 0.85, half])} ${at([l * 0.7, half])} ${at([l * 0.55, half])}S${at([l * 0.18, half * 0.9])} ${bow}Z`;
    return `M${bow}${bowToStern}${sternToBow}`;
  }
  const nose = rig.body === "trailer" ? 0.06 : 0.25;
  const corners: Point[] = [
    [nose, -half],
    [l, -half],
    [l, half],
    [nose, half],
    [0, half - nose],
    [0, -half + nose],
  ];
  return rounded(corners.map(([along, across]) => [x(from + along), y(across)]));
}

/** The outside of a rig seen from behind: y across, z upward. */
export function endOutline(rig: Rig, y: To, z: To): string {
  const [half, h] = [rig.width_m / 2, rig.height_m];
  if (rig.body === "boat") {
    const at = ([across, up]: Point) => `${y(across).toFixed(1)} ${z(up).toFixed(1)}`;
    const down = `C${at([-half, h * 0.4])} ${at([-half * 0.5, h * 0.18])} ${at([0, 0])}`;
    const up = `C${at([half * 0.5, h * 0.18])} ${at([half, h * 0.4])} ${at([half, h])}`;
    return `M${at([-half, h])}${down}${up}Z`;
  }
  const sill = Math.min(h / 2, Math.max(0.2, rig.floor_m - 0.2));
  const corners: Point[] = [
    [-half, sill],
    [-half, h - 0.12],
    [-half + 0.12, h],
    [half - 0.12, h],
    [half, h - 0.12],
    [half, sill],
  ];
  return rounded(corners.map(([across, up]) => [y(across), z(up)]));
}

/** The window of the driver's door, where there is one. */
export function window(rig: Rig, x: To, z: To): string | null {
  const from = bodyFrom(rig);
  const at = ([along, up]: Point) => `${x(from + along).toFixed(1)} ${z(up).toFixed(1)}`;
  const h = rig.height_m;
  if (rig.body === "van")
    return `M${[at([0.68, 1.3]), at([1.22, h * 0.84]), at([1.72, h * 0.84]), at([1.72, 1.3])].join("L")}Z`;
  if (rig.body === "pickup")
    return `M${[at([1.32, 1.15]), at([1.78, h * 0.92]), at([2.5, h * 0.92]), at([2.5, 1.15])].join("L")}Z`;
  if (rig.body === "bus")
    return `M${[at([0.25, h * 0.48]), at([0.34, h * 0.86]), at([rig.length_m - 0.4, h * 0.86]), at([rig.length_m - 0.4, h * 0.48])].join("L")}Z`;
  return null;
}
