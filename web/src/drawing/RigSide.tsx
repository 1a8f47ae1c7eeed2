import { usePlan } from "../plan/state/PlanContext";
import { BaysFrom } from "./BaysFrom";
import { rowMm } from "./place";
import { RunsFrom } from "./RunsFrom";
import { sideOutline, window } from "./rigOutlines";
import { bodyFrom, type Scale } from "./scale";
import { TankCut } from "./TankCut";
import { type Aboard, useAboard } from "./useAboard";
import { useDrag } from "./useDrag";
import { useMoves } from "./useMoves";
import { useTrouble } from "./useTrouble";
import { wheelRadius, wheels } from "./wheels";

type Props = {
  scale: Scale;
  /** Pixels from the top of the drawing to the ground, or to a boat's keel. */
  ground: number;
  loads: boolean;
  bays?: boolean;
  selected: string | null;
  onSelect: (id: string) => void;
  onOpen?: (id: string) => void;
};

/** The rig from its left, to scale, with its tanks and what is loaded; both can be dragged along it. */
export function RigSide({ scale, ground, loads, bays = false, selected, onSelect, onOpen }: Props) {
  const { plan, assessment } = usePlan();
  const drag = useDrag();
  const { moveTank, moveLoad, end } = useMoves();
  const rig = plan.load.rig;
  const z = (m: number) => ground - m * scale.perM;
  const radius = wheelRadius(rig) * scale.perM;
  const from = bodyFrom(rig);
  const glass = window(rig, scale.x, z);
  const drawings = plan.tanks.map((tank) => assessment.stages.tanks.drawing.tanks.find((one) => one.id === tank.id));
  const aboard = useAboard();
  const labels = placeLabels(aboard, scale, z, [scale.x(from), scale.x(from + rig.length_m)], selected);
  // The longest stem first, so that no stem is drawn over a label below it.
  const weights = aboard
    .map((one, index) => ({ ...one, label: labels[index] }))
    .sort((a, b) => (b.label?.lift ?? 0) - (a.label?.lift ?? 0));
  const inTrouble = useTrouble();
  return (
    <g strokeWidth="1.6" className="stroke-ink" fill="none">
      {rig.kind === "boat" ? (
        <path
          d={`M0 ${z(rig.height_m * 0.42)}H${scale.x(from + rig.length_m) + 40}`}
          className="stroke-water"
          strokeDasharray="10 5"
          strokeWidth="1.2"
        />
      ) : (
        <path d={`M${scale.x(from) - 40} ${ground}H${scale.x(from + rig.length_m) + 24}`} strokeWidth="1" />
      )}
      {rig.kind === "trailer" && (
        <path
          d={`M${scale.x(0)} ${z(0.42)}L${scale.x(from) + 4} ${z(0.42)}M${scale.x(0)} ${z(0.42)}v${0.42 * scale.perM}`}
        />
      )}
      <path d={sideOutline(rig, scale.x, z)} className="fill-sheet" strokeLinejoin="round" />
      {glass && <path d={glass} strokeWidth="1.1" strokeLinejoin="round" />}
      {rig.kind !== "boat" && (
        <path
          d={`M${scale.x(from + (rig.kind === "road" && rig.body !== "bus" ? 1.6 : 0.1))} ${z(rig.floor_m)}H${scale.x(from + rig.length_m) - 2}`}
          strokeWidth="1"
          strokeDasharray="2 4"
        />
      )}
      {wheels(rig).map((at) => (
        <g key={at}>
          <circle cx={scale.x(at)} cy={ground - radius} r={radius} className="fill-ground" />
          <circle cx={scale.x(at)} cy={ground - radius} r={radius * 0.55} strokeWidth="1.1" />
        </g>
      ))}
      {bays && (
        <BaysFrom right={["x", scale.x]} up={["z", z]} selected={selected} onSelect={onSelect} onOpen={onOpen} />
      )}
      {plan.tanks.map((tank, index) => (
        <g
          key={tank.id}
          {...drag({
            perM: scale.perM,
            onSelect: () => onSelect(tank.id),
            onOpen: () => onOpen?.(tank.id),
            onEnd: end,
            onMove: (right, _, exact) => moveTank(tank, { alongM: right, acrossM: 0, exact }),
          })}
          role="button"
          aria-label={`${tank.name}, ${drawings[index]?.travel_words}, move along the rig`}
        >
          <TankCut
            tank={tank}
            from="side"
            left={scale.x(tank.x_m - rowMm(tank) / 2000)}
            top={z(tank.z_m + tank.height_mm / 1000)}
            width={(rowMm(tank) / 1000) * scale.perM}
            height={(tank.height_mm / 1000) * scale.perM}
            level={drawings[index]?.travel_level_mm ?? 0}
            text={drawings[index]?.travel ?? ""}
            on={selected === tank.id}
            trouble={inTrouble.has(tank.id)}
          />
        </g>
      ))}
      {bays && <RunsFrom right={["x_m", scale.x]} up={["z_m", z]} />}
      {loads &&
        weights.map(({ load, text, label }) => (
          <g
            key={load.id}
            {...drag({
              perM: scale.perM,
              onSelect: () => onSelect(load.id),
              onEnd: end,
              onMove: (right, _, exact) => moveLoad(load, { alongM: right, acrossM: 0, exact }),
            })}
            role="button"
            aria-label={`${text}, move along the rig`}
          >
            <PlumbWeight
              x={scale.x(load.x_m)}
              y={z(load.z_m)}
              label={label}
              text={text}
              kg={load.kg}
              on={selected === load.id}
            />
          </g>
        ))}
    </g>
  );
}

function PlumbWeight({
  x,
  y,
  label,
  text,
  kg,
  on,
}: {
  x: number;
  y: number;
  label: Label | undefined;
  text: string;
  kg: number;
  on: boolean;
}) {
  const r = Math.min(12, 4 + Math.cbrt(kg));
  const fill = on ? "fill-rim" : "fill-ink";
  return (
    <g className={fill} stroke="none">
      <rect x={x - 22} y={y - 22} width="44" height="44" fill="transparent" />
      {label && (
        <path d={`M${x} ${y}V${y - r - label.lift}`} className={on ? "stroke-rim" : "stroke-ink"} strokeWidth="1.1" />
      )}
      <path d={`M${x - r} ${y}h${2 * r}l${-r * 0.35} ${r * 1.25}h${-r * 1.3}z`} />
      {label && (
        <text
          x={label.x}
          y={y - r - label.lift - 4}
          textAnchor="middle"
          style={{
            fontSize: 12,
            fontWeight: on ? 640 : 400,
            paintOrder: "stroke",
            stroke: "var(--sheet)",
            strokeWidth: 3,
          }}
        >
          {text}
        </text>
      )}
    </g>
  );
}

type Label = { x: number; lift: number };

/** A drawing narrower than this has room for one label only: that of what is selected. */
const NARROW = 430;

/** Where each label stands above its weight: inside the rig, and lifted so that no two stand in each other; none where there is no room. */
function placeLabels(
  aboard: readonly Aboard[],
  scale: Scale,
  z: (m: number) => number,
  [left, right]: readonly [number, number],
  selected: string | null,
): (Label | undefined)[] {
  const placed: { x: number; y: number; half: number }[] = [];
  return aboard.map(({ load, text }) => {
    if (right - left < NARROW && load.id !== selected) return undefined;
    const half = text.length * 3.1 + 4;
    const x = Math.max(left + half, Math.min(right - half, scale.x(load.x_m)));
    const base = z(load.z_m);
    let lift = 2;
    while (placed.some((one) => Math.abs(one.x - x) < one.half + half && Math.abs(one.y - (base - lift)) < 14))
      lift += 14;
    placed.push({ x, y: base - lift, half });
    return { x, lift };
  });
}
