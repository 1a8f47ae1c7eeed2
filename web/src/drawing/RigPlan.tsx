import type { Tank } from "../api/types";
import { usePlan } from "../plan/state/PlanContext";
import { ArchRect } from "./ArchRect";
import { BaysFrom } from "./BaysFrom";
import { handle } from "./handle";
import { isRound } from "./isRound";
import { rowMm } from "./place";
import { RunsFrom } from "./RunsFrom";
import { planOutline } from "./rigOutlines";
import { bodyFrom, type Scale } from "./scale";
import { useDrag } from "./useDrag";
import { useMoves } from "./useMoves";
import { useTrouble } from "./useTrouble";
import { axles } from "./wheels";

const holdsWaste = (tank: Tank) => tank.holds === "waste" || tank.holds === "toilet";

type Props = {
  scale: Scale;
  /** Pixels from the top of the drawing to the centreline. */
  middle: number;
  loads: boolean;
  bays?: boolean;
  selected: string | null;
  onSelect: (id: string) => void;
  onOpen?: (id: string) => void;
};

/** The rig from above, to scale; tanks and loads can be dragged along and across it. Its left side is above. */
export function RigPlan({ scale, middle, loads, bays = false, selected, onSelect, onOpen }: Props) {
  const { plan, assessment } = usePlan();
  const drag = useDrag();
  const { moveTank, moveLoad, end } = useMoves();
  const rig = plan.load.rig;
  const y = (m: number) => middle + m * scale.perM;
  const from = bodyFrom(rig);
  const inTrouble = useTrouble();
  const { taken } = assessment.stages.load.drawing;
  const aboard = [...plan.load.seats.filter((seat) => taken.includes(seat.id)), ...plan.load.loads];
  return (
    <g strokeWidth="1.6" className="stroke-ink" fill="none">
      {rig.kind === "trailer" && (
        <path
          d={`M${scale.x(from)} ${y(-rig.width_m * 0.3)}L${scale.x(0)} ${middle}L${scale.x(from)} ${y(rig.width_m * 0.3)}`}
        />
      )}
      <path d={planOutline(rig, scale.x, y)} className="fill-sheet" strokeLinejoin="round" />
      <path
        d={`M${scale.x(from) - 16} ${middle}H${scale.x(from + rig.length_m) + 10}`}
        className="stroke-ink-3"
        strokeWidth="1"
        strokeDasharray="9 3 2 3"
      />
      {axles(rig).flatMap((axle) =>
        [-1, 1].map((side) => (
          <rect
            key={`${axle.x_m} ${side}`}
            x={scale.x(axle.x_m) - 0.32 * scale.perM}
            y={y((side * axle.track_m) / 2) - 5}
            width={0.64 * scale.perM}
            height="10"
            rx="3"
            className="fill-ink"
            stroke="none"
            opacity="0.8"
          />
        )),
      )}
      {bays && (
        <BaysFrom right={["x", scale.x]} up={["y", y]} selected={selected} onSelect={onSelect} onOpen={onOpen} />
      )}
      {plan.tanks.map((tank) => {
        const on = selected === tank.id;
        const [width, height] = [(rowMm(tank) / 1000) * scale.perM, (tank.width_mm / 1000) * scale.perM];
        return (
          <g
            key={tank.id}
            {...drag({
              perM: scale.perM,
              onSelect: () => onSelect(tank.id),
              onOpen: () => onOpen?.(tank.id),
              onEnd: end,
              onMove: (right, down, exact) => moveTank(tank, { alongM: right, acrossM: down, exact }),
            })}
            role="button"
            aria-label={`${tank.name}, move along and across the rig`}
          >
            <rect {...handle(scale.x(tank.x_m) - width / 2, y(tank.y_m) - height / 2, width, height)} />
            <rect
              x={scale.x(tank.x_m) - width / 2}
              y={y(tank.y_m) - height / 2}
              width={width}
              height={height}
              {...(isRound(tank, "above") && { rx: width / 2, ry: height / 2 })}
              className={`${holdsWaste(tank) ? "fill-ground" : "fill-wash"} ${on ? "stroke-rim" : inTrouble.has(tank.id) ? "stroke-rust" : "stroke-ink"}`}
              strokeWidth={on ? 2.6 : 1.6}
            />
            <ArchRect
              tank={tank}
              from="above"
              left={scale.x(tank.x_m) - width / 2}
              top={y(tank.y_m) - height / 2}
              width={width}
              height={height}
            />
            {width > tank.name.length * 6.4 && height > 16 && (
              <text
                x={scale.x(tank.x_m)}
                y={y(tank.y_m) + 4}
                textAnchor="middle"
                stroke="none"
                style={{ fontSize: 12, fontWeight: on ? 640 : 400 }}
              >
                {tank.name}
              </text>
            )}
          </g>
        );
      })}
      {bays && <RunsFrom right={["x_m", scale.x]} up={["y_m", y]} />}
      {loads &&
        aboard.map((load) => (
          <g
            key={load.id}
            {...drag({
              perM: scale.perM,
              onSelect: () => onSelect(load.id),
              onEnd: end,
              onMove: (right, down, exact) => moveLoad(load, { alongM: right, acrossM: down, exact }),
            })}
            role="button"
            aria-label={`${load.name}, move along and across the rig`}
          >
            <circle cx={scale.x(load.x_m)} cy={y(load.y_m)} r="18" fill="transparent" stroke="none" />
            <circle
              cx={scale.x(load.x_m)}
              cy={y(load.y_m)}
              r={Math.min(11, 3 + Math.cbrt(load.kg))}
              className={selected === load.id ? "fill-rim" : "fill-ink"}
              stroke="none"
            />
          </g>
        ))}
      <text
        x={scale.x(from) - 4}
        y={y(-rig.width_m / 2) - 6}
        stroke="none"
        style={{ fontSize: 12, fill: "var(--ink-3)" }}
      >
        {rig.kind === "boat" ? "port" : "left"}
      </text>
    </g>
  );
}
