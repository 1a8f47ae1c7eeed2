import { useQuery } from "@tanstack/react-query";
import { api } from "../../api/client";
import type { HabitLevel } from "../../api/types";
import { Choice } from "../../fields/Choice";
import { QuantityField } from "../../fields/QuantityField";
import { usePlan } from "../../plan/PlanContext";
import { DaysCurve } from "./DaysCurve";
import { levelOf, withHabits } from "./habits";
import { LitresBar } from "./LitresBar";
import { UseCards } from "./UseCards";

/** Who uses how much water for what, and for how long it lasts. */
export function UseStage() {
  const { plan, set, edit, untype } = usePlan();
  const catalogue = useQuery({ queryKey: ["catalogue"], queryFn: api.catalogue, staleTime: Number.POSITIVE_INFINITY });
  const habits = catalogue.data?.habits ?? [];
  return (
    <>
      <div className="grid items-start gap-4 md:grid-cols-[228px_minmax(0,1fr)]">
        <div className="card flex flex-col gap-3 p-4">
          <div className="flex flex-wrap gap-4">
            <QuantityField pointer="/use/crew" label="People" width="w-14" />
            <QuantityField pointer="/use/days" label="Between fills" width="w-14" />
            <QuantityField pointer="/use/reserve" label="Reserve" width="w-14" />
          </div>
          <Choice
            label="Nights"
            value={plan.use.stay}
            options={[
              ["sites", "serviced"],
              ["mixed", "mixed"],
              ["wild", "wild"],
            ]}
            onChange={(stay) => set("/use/stay", stay)}
          />
          <Choice<HabitLevel>
            label="Habits"
            value={levelOf(plan.use.uses, habits)}
            options={[
              ["frugal", "frugal"],
              ["ordinary", "ordinary"],
              ["generous", "generous"],
            ]}
            onChange={(level) => {
              untype("/use/uses");
              edit(withHabits(plan, habits, level));
            }}
          />
        </div>
        <DaysCurve />
      </div>
      <LitresBar />
      <UseCards habits={habits} />
    </>
  );
}
