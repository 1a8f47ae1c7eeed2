import type { Rig } from "../api/types";

/** Where the rig's body begins, in m rearward of its origin: the front axle, the coupling, or amidships. */
export function bodyFrom(rig: Rig): number {
  if (rig.kind === "road") return -rig.front_overhang_m;
  return rig.kind === "trailer" ? rig.coupling_to_body_m : -rig.length_m / 2;
}

/** The span that a drawing of the rig shows: a trailer's drawbar too. */
export function span(rig: Rig): { from: number; to: number } {
  const from = bodyFrom(rig);
  return { from: rig.kind === "trailer" ? Math.min(0, from) : from, to: from + rig.length_m };
}

/** Metres to pixels for one drawing, the same in every direction. */
export type Scale = { perM: number; x: (m: number) => number };

export function scaleFor(rig: Rig, width: number, margin: number, maxPerM = 130): Scale {
  const { from, to } = span(rig);
  const perM = Math.min(maxPerM, (width - 2 * margin) / (to - from));
  const left = (width - (to - from) * perM) / 2;
  return { perM, x: (m) => left + (m - from) * perM };
}
