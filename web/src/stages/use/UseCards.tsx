import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import type { Habit, Use } from "../../api/types";
import { Choice } from "../../fields/Choice";
import { QuantityField } from "../../fields/QuantityField";
import { TextField } from "../../fields/TextField";
import { freeId } from "../../plan/edits";
import { FigureButton } from "../../plan/FigureButton";
import { usePlan } from "../../plan/PlanContext";
import { newUse } from "./habits";

/** What the water is for: a card each, with its amount, its times and whom it serves. */
export function UseCards({ habits }: { habits: readonly Habit[] }) {
  const { plan, edit } = usePlan();
  const add = (habit: Habit | null) => {
    const use = newUse(freeId(plan, habit?.habit ?? "use"), habit);
    edit({ ...plan, use: { ...plan.use, uses: [...plan.use.uses, use] } });
  };
  return (
    <section
      aria-label="Uses"
      className="grid gap-3"
      style={{ gridTemplateColumns: "repeat(auto-fill, minmax(252px, 1fr))" }}
    >
      {plan.use.uses.map((use, index) => (
        <UseCard key={use.id} use={use} index={index} />
      ))}
      <Menu as="div" className="self-start">
        <MenuButton className="plain">Add a use</MenuButton>
        <MenuItems anchor="bottom start" className="card card-on z-10 flex max-h-80! flex-col p-2">
          {habits.map((habit) => (
            <MenuItem key={habit.habit}>
              <button type="button" className="menu-item" onClick={() => add(habit)}>
                {habit.name}
              </button>
            </MenuItem>
          ))}
          <MenuItem>
            <button type="button" className="menu-item" onClick={() => add(null)}>
              Something else
            </button>
          </MenuItem>
        </MenuItems>
      </Menu>
    </section>
  );
}

function UseCard({ use, index }: { use: Use; index: number }) {
  const { plan, edit, set, untype, assessment } = usePlan();
  const at = `/use/uses/${index}`;
  const remove = () => {
    untype("/use/uses");
    edit({ ...plan, use: { ...plan.use, uses: plan.use.uses.filter((one) => one.id !== use.id) } });
  };
  const daily = assessment.stages.use.drawing.uses.find((one) => one.id === use.id)?.daily;
  return (
    <article className={`card p-3 ${use.supply === "drinking" ? "card-on" : ""}`} aria-label={use.name}>
      <div className="flex items-start gap-2">
        <TextField pointer={`${at}/name`} label="What it is for" className="flex-1" />
        <button type="button" className="quiet" onClick={remove} aria-label={`Remove ${use.name}`}>
          Remove
        </button>
      </div>
      <div className="mt-2 flex flex-wrap gap-x-3 gap-y-2">
        {use.litres === undefined ? (
          <>
            <QuantityField pointer={`${at}/flow_lpm`} label="Flow" width="w-14" />
            <QuantityField pointer={`${at}/minutes`} label="Runs for" width="w-14" />
          </>
        ) : (
          <QuantityField pointer={`${at}/litres`} label="At a time" width="w-16" />
        )}
        <QuantityField pointer={`${at}/times`} label="Times" width="w-14" />
        <QuantityField pointer={`${at}/spread`} label="Give or take" width="w-14" />
      </div>
      <div className="mt-2 flex flex-wrap gap-2">
        <Choice
          label="Counted"
          bare
          value={use.per}
          options={[
            ["day", "a day"],
            ["stay", "a stay"],
          ]}
          onChange={(per) => set(`${at}/per`, per)}
        />
        <Choice
          label="For"
          bare
          value={use.each}
          options={[
            ["person", "each"],
            ["rig", "all"],
          ]}
          onChange={(each) => set(`${at}/each`, each)}
        />
        <Choice
          label="From"
          bare
          value={use.supply}
          options={[
            ["main", "main"],
            ["drinking", "drinking"],
          ]}
          onChange={(supply) => set(`${at}/supply`, supply)}
        />
      </div>
      <p className="mt-2 text-ink-2">
        <FigureButton id={`use.${use.id}`} className="text-[15px] font-[640] text-ink" /> a stay, {daily} a day
      </p>
    </article>
  );
}
