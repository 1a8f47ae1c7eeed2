import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import { useState } from "react";
import type { Habit, Use } from "../../api/types";
import { Choice } from "../../fields/Choice";
import { QuantityField } from "../../fields/QuantityField";
import { TextField } from "../../fields/TextField";
import { freeId } from "../../plan/edits";
import { FigureButton } from "../../plan/FigureButton";
import { usePlan } from "../../plan/PlanContext";
import { useReveal } from "../../plan/useReveal";
import { newUse } from "./habits";

/** What the water is for: a card each, with its amount and its times; the open one shows the rest. */
export function UseCards({ habits }: { habits: readonly Habit[] }) {
  const { plan, edit } = usePlan();
  const [open, setOpen] = useState<string | null>(null);
  useReveal((pointer) => {
    const index = pointer.match(/^\/use\/uses\/(\d+)\//)?.[1];
    if (index !== undefined) setOpen(plan.use.uses[Number(index)]?.id ?? null);
  });
  const add = (habit: Habit | null) => {
    const use = newUse(freeId(plan, habit?.habit ?? "use"), habit);
    edit({ ...plan, use: { ...plan.use, uses: [...plan.use.uses, use] } }, `with ${use.name}`);
    setOpen(use.id);
  };
  return (
    <section aria-label="Uses" className="use-strip">
      {plan.use.uses.map((use, index) => (
        <UseCard
          key={use.id}
          use={use}
          index={index}
          open={open === use.id}
          onTurn={() => setOpen(open === use.id ? null : use.id)}
        />
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

type CardProps = { use: Use; index: number; open: boolean; onTurn: () => void };

function UseCard({ use, index, open, onTurn }: CardProps) {
  const at = `/use/uses/${index}`;
  const counted = `a ${use.per}, ${use.each === "person" ? "each" : "all"}`;
  return (
    <article className={`card px-3 py-2 ${open ? "card-on use-open" : ""}`} aria-label={use.name}>
      <div className="flex items-baseline justify-between gap-2">
        <button type="button" className="use-name" aria-expanded={open} onClick={onTurn}>
          <span className="ui-open-mark" aria-hidden />
          <span className="min-w-0 truncate">{use.name}</span>
        </button>
        <span className="flex-none text-ink-2">
          <FigureButton id={`uses.${use.id}.daily`} className="font-[640] text-ink" /> a day
          {use.supply === "drinking" && ", apart"}
        </span>
      </div>
      <div className="flex flex-wrap items-center gap-x-1.5 gap-y-1">
        {use.litres === undefined ? (
          <>
            <QuantityField pointer={`${at}/flow_lpm`} label="Flow" bare after="for" width="w-13" />
            <QuantityField pointer={`${at}/minutes`} label="Runs for" bare after="×" width="w-13" />
          </>
        ) : (
          <QuantityField pointer={`${at}/litres`} label="At a time" bare after="×" width="w-14" />
        )}
        <QuantityField pointer={`${at}/times`} label="Times" bare after={counted} width="w-13" />
      </div>
      {open && <UseDetails use={use} at={at} />}
    </article>
  );
}

/** What is changed more seldom: the name, how it is counted, its supply and its spread. */
function UseDetails({ use, at }: { use: Use; at: string }) {
  const { plan, edit, set, untype } = usePlan();
  const remove = () => {
    untype("/use/uses");
    edit(
      { ...plan, use: { ...plan.use, uses: plan.use.uses.filter((one) => one.id !== use.id) } },
      `without ${use.name}`,
    );
  };
  return (
    <div className="mt-2 flex flex-wrap items-start gap-x-4 gap-y-2 border-t border-dotted border-rule pt-2">
      <TextField pointer={`${at}/name`} label="What it is for" bare={false} className="min-w-48 flex-1" />
      <Choice
        label="Counted"
        value={use.per}
        options={[
          ["day", "a day"],
          ["stay", "a stay"],
        ]}
        onChange={(per) => set(`${at}/per`, per, `${use.name}: a ${per}`)}
      />
      <Choice
        label="For"
        value={use.each}
        options={[
          ["person", "each"],
          ["rig", "all"],
        ]}
        onChange={(each) => set(`${at}/each`, each, `${use.name}: for ${each === "person" ? "each" : "all"}`)}
      />
      <Choice
        label="From"
        value={use.supply}
        options={[
          ["main", "main"],
          ["drinking", "drinking"],
        ]}
        onChange={(supply) => set(`${at}/supply`, supply, `${use.name}: ${supply}`)}
      />
      <QuantityField pointer={`${at}/spread`} label="Give or take" width="w-14" />
      <button type="button" className="plain mt-4.5 ml-auto" onClick={remove} aria-label={`Remove ${use.name}`}>
        Remove
      </button>
    </div>
  );
}
