import { useRef } from "react";
import type { Bay, Load, Plan, Seat, Tank } from "../api/types";
import { patched } from "../plan/state/edits";
import { usePlan } from "../plan/state/PlanContext";
import { bayMoved, floorFor, insideRig, placeForTank } from "./place";

type Way = { alongM: number; acrossM: number; exact: boolean };

/** Moves tanks and loads of the plan to where they were dragged; one drag is one undo step. */
export function useMoves() {
  const { plan, assessment, edit, settle } = usePlan();
  const from = useRef<{ id: string; x_m: number; y_m: number } | null>(null);
  /** The plan as it was when a bay was taken hold of. */
  const before = useRef<{ id: string; plan: Plan } | null>(null);

  const begin = (part: Tank | Load | Seat) => {
    if (from.current?.id !== part.id) from.current = { id: part.id, x_m: part.x_m, y_m: part.y_m };
    return from.current;
  };
  const put = (list: string, index: number, part: Tank | Load | Seat, place: { x_m: number; y_m: number } | null) => {
    if (!place) return;
    const at = `${list}/${index}`;
    edit(
      patched(plan, [
        { op: "replace", path: `${at}/x_m`, value: place.x_m },
        { op: "replace", path: `${at}/y_m`, value: place.y_m },
      ]),
      `${part.name} moved`,
      `drag ${part.id}`,
    );
  };
  return {
    moveTank: (tank: Tank, way: Way) => {
      const start = begin(tank);
      put(
        "/tanks",
        plan.tanks.indexOf(tank),
        tank,
        placeForTank(
          tank,
          floorFor(plan, tank, assessment.stages.tanks.drawing),
          start.x_m + way.alongM,
          start.y_m + way.acrossM,
          way.exact,
        ),
      );
    },
    moveLoad: (load: Load | Seat, way: Way) => {
      const start = begin(load);
      const list = plan.load.loads.includes(load) ? "loads" : "seats";
      put(
        `/load/${list}`,
        plan.load[list].indexOf(load),
        load,
        insideRig(plan.load.rig, start.x_m + way.alongM, start.y_m + way.acrossM),
      );
    },
    /** A bay goes with the tanks that stand in it. */
    moveBay: (bay: Bay, way: Way) => {
      if (before.current?.id !== bay.id) before.current = { id: bay.id, plan };
      const box = assessment.stages.tanks.drawing.bays.find((one) => one.id === bay.id)?.box;
      if (box)
        edit(
          bayMoved(plan, before.current.plan, bay.id, way.alongM, way.acrossM),
          `${bay.name} moved`,
          `drag ${bay.id}`,
        );
    },
    end: () => {
      from.current = null;
      before.current = null;
      settle();
    },
  };
}
