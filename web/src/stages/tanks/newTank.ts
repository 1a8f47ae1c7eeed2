import type { Plan, Tank } from "../../api/types";
import { placeForTank } from "../../drawing/place";
import { bodyFrom } from "../../drawing/scale";
import { freeId } from "../../plan/edits";

const STEP_M = 0.1;

/** The first free place on the floor from the middle of the rig backwards, else forwards. */
function placed(plan: Plan, tank: Tank): Tank {
  const rig = plan.load.rig;
  const middle = bodyFrom(rig) + rig.length_m / 2;
  for (let along = 0; along < rig.length_m / 2; along += STEP_M) {
    for (const x of [middle + along, middle - along]) {
      for (const y of [0, -rig.width_m / 2, rig.width_m / 2]) {
        const place = placeForTank(plan, tank, x, y);
        if (place) return { ...tank, ...place };
      }
    }
  }
  return { ...tank, x_m: middle };
}

/** A tank to begin with, to be given its sizes as measured. */
export function newTank(plan: Plan): Tank {
  return placed(plan, {
    id: freeId(plan, "tank"),
    name: "Another tank",
    form: "fixed",
    supply: "main",
    length_mm: 600,
    width_mm: 400,
    height_mm: 300,
    outlet_height_mm: 15,
    overflow_height_mm: 285,
    displaced_fraction: 0,
    empty_kg: 7,
    x_m: 0,
    y_m: 0,
    z_m: plan.load.rig.floor_m,
  });
}

/** A can as it is carried to a tap. */
export function newCan(plan: Plan): Tank {
  return placed(plan, {
    ...newTank(plan),
    id: freeId(plan, "can"),
    name: "Another can",
    form: "can",
    length_mm: 350,
    width_mm: 175,
    height_mm: 330,
    outlet_height_mm: 0,
    overflow_height_mm: 330,
    empty_kg: 1.2,
  });
}
