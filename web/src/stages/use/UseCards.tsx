import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import { useState } from "react";
import type { Habit, Use } from "../../api/types";
import { Choice } from "../../fields/Choice";
import { ChoiceField } from "../../fields/ChoiceField";
import { QuantityField } from "../../fields/QuantityField";
import { TextField } from "../../fields/TextField";
import { usePlan } from "../../plan/state/PlanContext";
import { freeName, newId } from "../../plan/state/parts";
import { FigureButton } from "../../plan/widgets/FigureButton";
import { fieldAt, focusSoon } from "../../plan/widgets/focus";
import { useReveal } from "../../plan/widgets/useReveal";
import { newUse } from "./habitLevels";

/** What the water is for: a card each, with its amount and its times; the open one shows the rest. */
export function UseCards({ habits }: { habits: readonly Habit[] }) {
  const { plan, edit, assessment } = usePlan();
  const [open, setOpen] = useState<string | null>(null);
  useReveal((pointer) => {
    const index = pointer.match(/^\/use\/uses\/(\d+)\//)?.[1];
    if (index !== undefined) setOpen(plan.use.uses[Number(index)]?.id ?? null);
  });
  const add = (habit: Habit | null) => {
    const drain = assessment.stages.use.drawing.drains[0]?.value ?? "";
    const toilet = plan.tanks.find((tank) => tank.holds === "toilet")?.id ?? "nothing";
    const use = newUse(newId(plan, habit?.habit ?? "use"), habit, drain, toilet);
    const taken = plan.use.uses.map((one) => one.name);
    use.name = freeName(use.name, taken);
    edit({ ...plan, use: { ...plan.use, uses: [...plan.use.uses, use] } }, `with ${use.name}`);
    setOpen(use.id);
    focusSoon(fieldAt(`/use/uses/${plan.use.uses.length}/name`));
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
        <MenuButton className="plain" id="add-use">
          Add a use
        </MenuButton>
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
            <RunsAt use={use} at={at} />
            <QuantityField pointer={`${at}/minutes`} bare after="×" />
          </>
        ) : (
          <QuantityField pointer={`${at}/litres`} bare after="×" />
        )}
        <QuantityField pointer={`${at}/times`} bare after={counted} />
      </div>
      {open && <UseDetails use={use} at={at} />}
    </article>
  );
}

/** The flow at which it runs: its outlet's, which opens its sum, or the one typed here. */
function RunsAt({ use, at }: { use: Use; at: string }) {
  const { uses, outlets } = usePlan().assessment.stages.use.drawing;
  const figure = uses.find((one) => one.id === use.id)?.flow_figure;
  if (!figure || !use.outlet || use.own_flow) return <QuantityField pointer={`${at}/flow_lpm`} bare after="for" />;
  return (
    <span className="flex min-w-0 flex-wrap items-baseline gap-x-1.5">
      <FigureButton id={figure} />
      <span className="min-w-0 text-ink-2">from {outlets.find((one) => one.value === use.outlet)?.text}, for</span>
    </span>
  );
}

/** What is changed more seldom: the name, how it is counted, its supply and its spread. */
function UseDetails({ use, at }: { use: Use; at: string }) {
  const { set, remove, assessment } = usePlan();
  const { drains, outlets } = assessment.stages.use.drawing;
  return (
    <div className="mt-2 flex flex-wrap items-start gap-x-4 gap-y-2 border-t border-dotted border-rule pt-2">
      <TextField pointer={`${at}/name`} label="What it is for" bare={false} className="min-w-48 flex-1" />
      <ChoiceField pointer={`${at}/per`} />
      <ChoiceField pointer={`${at}/each`} />
      <ChoiceField pointer={`${at}/supply`} />
      <Choice
        label="Drains to"
        value={use.drains_to}
        options={drains}
        onChange={(drain) =>
          set(`${at}/drains_to`, drain, `${use.name}: to ${drains.find((one) => one.value === drain)?.text}`)
        }
      />
      {use.litres === undefined && outlets.length > 0 && (
        <Choice
          label="From which outlet"
          value={use.outlet ?? ""}
          options={outlets}
          onChange={(outlet) =>
            set(
              `${at}/outlet`,
              outlet || undefined,
              `${use.name}: from ${outlets.find((one) => one.value === outlet)?.text}`,
            )
          }
        />
      )}
      {use.outlet !== undefined && <ChoiceField pointer={`${at}/own_flow`} />}
      <QuantityField pointer={`${at}/spread`} />
      <button
        type="button"
        className="plain mt-4.5 ml-auto"
        onClick={() => remove(at, "#add-use")}
        aria-label={`Remove ${use.name}`}
      >
        Remove
      </button>
    </div>
  );
}
