import { usePlan } from "../plan/state/PlanContext";
import { useTrouble } from "./useTrouble";

type Axis = "x_m" | "y_m" | "z_m";
/** An axis of the rig, and how its metres become pixels. */
type Onto = readonly [Axis, (m: number) => number];

/** The hoses of all tanks in one view, from each port to its end, and the ports that have none. */
export function RunsFrom({ right: [right, x], up: [up, y] }: { right: Onto; up: Onto }) {
  const { assessment } = usePlan();
  const inTrouble = useTrouble();
  const { runs, tanks } = assessment.stages.tanks.drawing;
  return (
    <g fill="none" strokeLinejoin="round" pointerEvents="none">
      {runs.map((run) => (
        <path
          key={run.id}
          d={run.points.map((point, at) => `${at ? "L" : "M"}${x(point[right])} ${y(point[up])}`).join("")}
          className={inTrouble.has(run.id) || inTrouble.has(run.port_id) ? "stroke-rust" : "stroke-ink"}
          strokeWidth="2"
        />
      ))}
      {tanks
        .flatMap((tank) => tank.ports)
        .map((port) => (
          <circle
            key={port.id}
            cx={x(port[right])}
            cy={y(port[up])}
            r="2.6"
            className={`fill-sheet ${inTrouble.has(port.id) ? "stroke-rust" : "stroke-ink"}`}
            strokeWidth="1.4"
          />
        ))}
    </g>
  );
}
