import { useState } from "react";
import type { Tank, TankDetail } from "../../api/types";
import { ArchRect } from "../../drawing/ArchRect";
import { isRound } from "../../drawing/isRound";
import { useWidth } from "../../drawing/useWidth";

const [SIDE, TOP, BOTTOM] = [28, 10, 10];
const MAX_HEIGHT = 96;
/** Above the lid, for hoses that pass there. */
const ABOVE = 0.9;

type Tilt = TankDetail["tilts"][number];

/** The water of a tank as braking, a hill, a lean or a heel tilts it, one at a time, with the open hoses over it. */
export function TankTilts({ tank, tilts }: { tank: Tank; tilts: readonly Tilt[] }) {
  const worst = tilts.findIndex((tilt) => tilt.ends.some((end) => end.spills));
  const [chosen, setChosen] = useState<string | null>(null);
  const tilt = tilts.find((one) => one.id === chosen) ?? tilts[Math.max(worst, 0)];
  if (!tilt) return null;
  return (
    <div className="mt-3">
      <fieldset className="flex flex-wrap gap-1.5">
        <legend className="label mb-1">What tilts the water</legend>
        {tilts.map((one) => (
          <button
            key={one.id}
            type="button"
            className={`plain ${one.ends.some((end) => end.spills) ? "text-rust" : ""}`}
            aria-pressed={one.id === tilt.id}
            onClick={() => setChosen(one.id)}
          >
            {one.title}
          </button>
        ))}
      </fieldset>
      <TiltedCut tank={tank} tilt={tilt} />
      <p className="text-[13px] text-ink-2">{tilt.words}</p>
    </div>
  );
}

/** The tank cut along or across the rig, to scale; front or left is on the left. */
function TiltedCut({ tank, tilt }: { tank: Tank; tilt: Tilt }) {
  const [ref, width] = useWidth<HTMLDivElement>(400);
  const perMm = Math.min((width - 2 * SIDE) / tilt.length_mm, MAX_HEIGHT / tank.height_mm);
  const [w, h] = [tilt.length_mm * perMm, tank.height_mm * perMm];
  const floor = TOP + h * (1 + ABOVE);
  const x = (mm: number) => SIDE + mm * perMm;
  const y = (mm: number) => floor - mm * perMm;
  const slope = (tilt.to_mm - tilt.from_mm) / tilt.length_mm;
  const reach = SIDE / perMm;
  const surface = (mm: number) => y(tilt.from_mm + slope * mm);
  const from = tilt.lengthwise ? "side" : "behind";
  const outline = {
    x: x(0),
    y: floor - h,
    width: w,
    height: h,
    ...(isRound(tank, from) && { rx: w / 2, ry: h / 2 }),
  };
  return (
    <div ref={ref}>
      <svg width={width} height={floor + BOTTOM} role="img" aria-label={tilt.words}>
        <clipPath id={`tilted-${tank.id}`}>
          <rect {...outline} />
        </clipPath>
        <path
          clipPath={`url(#tilted-${tank.id})`}
          d={`M${x(0)} ${floor}V${surface(0)}L${x(tilt.length_mm)} ${surface(tilt.length_mm)}V${floor}Z`}
          className="fill-wash"
        />
        <ArchRect tank={{ ...tank, count: 1 }} from={from} left={x(0)} top={floor - h} width={w} height={h} />
        <path
          d={`M${x(-reach)} ${surface(-reach)}L${x(tilt.length_mm + reach)} ${surface(tilt.length_mm + reach)}`}
          className="stroke-water"
          strokeWidth="1.6"
          strokeDasharray="5 4"
        />
        <rect {...outline} fill="none" className="stroke-ink" strokeWidth="1.8" />
        {tilt.ends.map((end) => (
          <g key={end.name} className={end.spills ? "stroke-rust" : "stroke-ink"} fill="none">
            <path d={`M${x(end.at_mm)} ${floor - h}V${y(end.height_mm)}`} strokeWidth="2.4" />
            <circle cx={x(end.at_mm)} cy={y(end.height_mm)} r="4.5" className="fill-sheet" strokeWidth="1.8" />
          </g>
        ))}
      </svg>
    </div>
  );
}
