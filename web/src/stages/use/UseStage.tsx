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
      <div className="grid items-start gap-4 md:grid-cols-[268px_minmax(0,1fr)]">
        <div className="card flex flex-col gap-2 px-3.5 py-2.5">
          <div className="grid grid-cols-[auto_auto_auto] gap-2">
            <QuantityField pointer="/use/crew" label="People" width="w-11" />
            <QuantityField pointer="/use/days" label="Between fills" width="w-11" />
            <QuantityField pointer="/use/reserve" label="Reserve" width="w-11" />
          </div>
          <Choice
            label="Nights"
            value={plan.use.stay}
            options={[
              ["sites", "serviced"],
              ["mixed", "mixed"],
              ["wild", "wild"],
            ]}
            onChange={(stay) => set("/use/stay", stay, `nights: ${stay}`)}
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
              edit(withHabits(plan, habits, level), `habits: ${level}`);
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
