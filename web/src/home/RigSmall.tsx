import type { Rig } from "../api/types";
import { sideOutline } from "../drawing/rigOutlines";
import { scaleFor } from "../drawing/scale";
import { wheelRadius, wheels } from "../drawing/wheels";

const [WIDTH, HEIGHT] = [104, 54];

/** A rig from its left, as small as a stamp, to a scale of its own. */
export function RigSmall({ rig }: { rig: Rig }) {
  const scale = scaleFor(rig, WIDTH, 3, (HEIGHT - 6) / rig.height_m);
  const z = (m: number) => HEIGHT - 3 - m * scale.perM;
  const r = wheelRadius(rig) * scale.perM;
  return (
    <svg width={WIDTH} height={HEIGHT} className="flex-none fill-none stroke-ink" strokeWidth="1.4" aria-hidden>
      <path d={sideOutline(rig, scale.x, z)} strokeLinejoin="round" className="fill-sheet" />
      {wheels(rig).map((at) => (
        <circle key={at} cx={scale.x(at)} cy={z(0) - r} r={r} className="fill-ground" />
      ))}
      {rig.kind === "boat" && <path d={`M0 ${z(rig.height_m * 0.42)}H${WIDTH}`} className="stroke-water" />}
    </svg>
  );
}
