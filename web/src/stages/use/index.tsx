import { useState } from "react";
import { Choice } from "../../fields/Choice";
import { QuantityField } from "../../fields/QuantityField";
import { useCatalogue } from "../../plan/server/useCatalogue";
import { usePlan } from "../../plan/state/PlanContext";
import { DaysCurve } from "./DaysCurve";
import { levelOf, typedUses, withHabits } from "./habitLevels";
import { LitresBar } from "./LitresBar";
import { UseCards } from "./UseCards";

/** Who uses how much water for what, and for how long it lasts. */
export default function UseStage() {
  const { plan, edit, apply, assessment } = usePlan();
  const catalogue = useCatalogue();
  const habits = catalogue?.habits ?? [];
  const levels = catalogue?.levels ?? [];
  /** The level pressed last: uses with amounts of one's own can follow it. */
  const [chosen, setChosen] = useState<string | null>(null);
  const typed = typedUses(plan.use.uses, habits);
  const { stays } = assessment.stages.use.drawing;
  const takesWaste = plan.tanks.some((tank) => tank.holds === "waste" || tank.holds === "toilet");
  const chooseStay = (value: string) => {
    const stay = stays.find((one) => one.value === value);
    if (stay) apply(stay.choose);
  };
  return (
    <>
      <div className="grid items-start gap-4 md:grid-cols-[312px_minmax(0,1fr)]">
        <div className="card flex flex-col gap-2 px-3.5 py-2.5">
          <div className="flex flex-wrap gap-x-4 gap-y-2">
            <QuantityField pointer="/use/crew" />
            <QuantityField pointer="/use/days" />
            <QuantityField pointer="/use/reserve" />
            {takesWaste && <QuantityField pointer="/use/waste_days" otherwise={String(plan.use.days)} />}
          </div>
          <Choice
            label="Nights"
            value={plan.use.stay}
            options={stays.map((stay) => ({ value: stay.value, text: stay.choose.label }))}
            onChange={chooseStay}
          />
          <Choice
            label="Habits"
            value={levelOf(plan.use.uses, habits, levels)}
            options={levels}
            onChange={(level) => {
              setChosen(level);
              edit(withHabits(plan, habits, level), `habits: ${level}`);
            }}
          />
          {chosen && typed.length > 0 && (
            <p role="status" className="text-[13px] text-ink-2">
              Your own amounts stay: {typed.map((use) => use.name).join(", ")}.{" "}
              <button
                type="button"
                className="quiet"
                onClick={() => edit(withHabits(plan, habits, chosen, true), `habits: ${chosen}, all`)}
              >
                Replace them too
              </button>
            </p>
          )}
        </div>
        <DaysCurve />
      </div>
      <LitresBar />
      <UseCards habits={habits} />
    </>
  );
}
