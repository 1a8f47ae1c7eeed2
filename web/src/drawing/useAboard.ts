import type { Load, Seat } from "../api/types";
import { usePlan } from "../plan/state/PlanContext";

const LONGEST = 20;
const short = (name: string) => (name.length > LONGEST ? `${name.slice(0, LONGEST - 1).trimEnd()}…` : name);

export type Aboard = { load: Load | Seat; text: string };

/** Who sits on a seat and what is loaded, each with its weight. */
export function useAboard(): Aboard[] {
  const { plan, assessment } = usePlan();
  const { taken } = assessment.stages.load.drawing;
  const read = (list: "seats" | "loads") =>
    plan.load[list].map((load, index) => ({
      load,
      text: `${short(load.name)} ${assessment.readings[`/load/${list}/${index}/kg`]?.text ?? ""}`,
    }));
  return [...read("seats").filter(({ load }) => taken.includes(load.id)), ...read("loads")];
}
