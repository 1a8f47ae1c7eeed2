import { usePlan } from "../plan/state/PlanContext";
import { BaysFrom } from "./BaysFrom";
import { RunsFrom } from "./RunsFrom";
import { endOutline } from "./rigOutlines";
import { TankCut } from "./TankCut";
import { useAboard } from "./useAboard";
import { useDrag } from "./useDrag";
import { useMoves } from "./useMoves";
import { useTrouble } from "./useTrouble";
import { axles, wheelRadius } from "./wheels";

type Props = {
  perM: number;
  /** Pixels from the left of the drawing to the centreline. */
  middle: number;
  /** Pixels from the top of the drawing to the ground, or to a boat's keel. */
  ground: number;
  loads?: boolean;
  bays?: boolean;
  selected: string | null;
  onSelect: (id: string) => void;
  onOpen?: (id: string) => void;
};

/** The rig from behind, to scale: its left side is on the left. Tanks can be dragged across it. */
export function RigEnd({ perM, middle, ground, loads = false, bays = false, selected, onSelect, onOpen }: Props) {
  const { plan, assessment } = usePlan();
  const drag = useDrag();
  const { moveTank, moveLoad, end } = useMoves();
  const aboard = useAboard();
  const inTrouble = useTrouble();
  const rig = plan.load.rig;
  const y = (m: number) => middle + m * perM;
  const z = (m: number) => ground - m * perM;
  const radius = wheelRadius(rig);
  const rearmost = axles(rig).at(-1);
  const half = rig.width_m / 2;
  return (
    <g strokeWidth="1.6" className="stroke-ink" fill="none">
      {rig.kind === "boat" ? (
        <path
          d={`M${y(-half) - 12} ${z(rig.height_m * 0.42)}H${y(half) + 12}`}
          className="stroke-water"
          strokeDasharray="10 5"
          strokeWidth="1.2"
        />
      ) : (
        <path d={`M${y(-half) - 12} ${ground}H${y(half) + 12}`} strokeWidth="1" />
      )}
      <path d={endOutline(rig, y, z)} className="fill-sheet" strokeLinejoin="round" />
      {rig.kind !== "boat" && (
        <>
          <path d={`M${y(-half) + 2} ${z(rig.floor_m)}H${y(half) - 2}`} strokeWidth="1" strokeDasharray="2 4" />
          {[-1, 1].map((side) => (
            <rect
              key={side}
              x={y((side * (rearmost?.track_m ?? 0)) / 2 - 0.1)}
              y={z(2 * radius)}
              width={0.2 * perM}
              height={2 * radius * perM}
              rx="3"
              className="fill-ground"
            />
          ))}
        </>
      )}
      {bays && <BaysFrom right={["y", y]} up={["z", z]} selected={selected} onSelect={onSelect} onOpen={onOpen} />}
      {plan.tanks.map((tank) => {
        const [width, height] = [(tank.width_mm / 1000) * perM, (tank.height_mm / 1000) * perM];
        const [left, top] = [y(tank.y_m) - width / 2, z(tank.z_m) - height];
        const level = assessment.stages.tanks.drawing.tanks.find((one) => one.id === tank.id)?.travel_level_mm ?? 0;
        return (
          <g
            key={tank.id}
            {...drag({
              perM,
              onSelect: () => onSelect(tank.id),
              onOpen: () => onOpen?.(tank.id),
              onEnd: end,
              onMove: (right, _, exact) => moveTank(tank, { alongM: 0, acrossM: right, exact }),
            })}
            role="button"
            aria-label={`${tank.name} from behind, move across the rig`}
          >
            <TankCut
              tank={tank}
              from="behind"
              left={left}
              top={top}
              width={width}
              height={height}
              level={level}
              on={selected === tank.id}
              trouble={inTrouble.has(tank.id)}
            />
          </g>
        );
      })}
      {bays && <RunsFrom right={["y_m", y]} up={["z_m", z]} />}
      {loads &&
        aboard.map(({ load, text }) => (
          <g
            key={load.id}
            {...drag({
              perM,
              onSelect: () => onSelect(load.id),
              onEnd: end,
              onMove: (right, _, exact) => moveLoad(load, { alongM: 0, acrossM: right, exact }),
            })}
            role="button"
            aria-label={`${text} from behind, move across the rig`}
          >
            <circle cx={y(load.y_m)} cy={z(load.z_m)} r="16" fill="transparent" stroke="none" />
            <circle
              cx={y(load.y_m)}
              cy={z(load.z_m)}
              r={Math.min(11, 3 + Math.cbrt(load.kg))}
              className={selected === load.id ? "fill-rim" : "fill-ink"}
              stroke="none"
            />
          </g>
        ))}
    </g>
  );
}
