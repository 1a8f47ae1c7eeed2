import type { Habit, HabitLevel, Option, Plan, Use } from "../../api/types";

const AMOUNTS = ["litres", "flow_lpm", "minutes", "times"] as const;

/** Whether a use has all the amounts of a level; the flow of an outlet is nobody's typing. */
function isAt(use: Use, amounts: Habit["levels"][HabitLevel]): boolean {
  const isOutlets = (key: string) => key === "flow_lpm" && use.outlet !== undefined && !use.own_flow;
  return AMOUNTS.every((key) => isOutlets(key) || use[key] === amounts[key]);
}

/** Whether somebody has typed amounts of their own: the use is at no level. */
const isTyped = (use: Use, habit: Habit) => !Object.values(habit.levels).some((level) => isAt(use, level));

/** A use with the amounts of one level of habit. */
export function withAmounts(use: Use, habit: Habit, level: HabitLevel): Use {
  const { litres: _litres, flow_lpm: _flow, minutes: _minutes, ...rest } = use;
  return { ...rest, ...habit.levels[level] } as Use;
}

/** The uses whose amounts somebody has typed, so that a level leaves them as they are. */
export function typedUses(uses: readonly Use[], habits: readonly Habit[]): Use[] {
  return uses.filter((use) => habits.some((habit) => habit.habit === use.habit && isTyped(use, habit)));
}

/** The plan with every use that the catalogue knows at one level; what somebody has typed stays, unless all is to be replaced. */
export function withHabits(plan: Plan, habits: readonly Habit[], level: string, replaces = false): Plan {
  const uses = plan.use.uses.map((use) => {
    const habit = habits.find((one) => one.habit === use.habit);
    return habit && (replaces || !isTyped(use, habit)) ? withAmounts(use, habit, level as HabitLevel) : use;
  });
  return { ...plan, use: { ...plan.use, uses } };
}

/** The level that all uses known to the catalogue are at; null when they are mixed or changed by hand. */
export function levelOf(uses: readonly Use[], habits: readonly Habit[], levels: readonly Option[]): string | null {
  const known = uses.flatMap((use) => {
    const habit = habits.find((one) => one.habit === use.habit);
    return habit ? [{ use, habit }] : [];
  });
  const at = (level: string) => known.every(({ use, habit }) => isAt(use, habit.levels[level as HabitLevel]));
  return known.length > 0 ? (levels.map((one) => one.value).find(at) ?? null) : null;
}

/** A new use from the catalogue, or one of the crew's own; it drains to where others do, or where toilets do. */
export function newUse(id: string, habit: Habit | null, drain: string, toilet: string): Use {
  if (!habit)
    return {
      id,
      name: "Another use",
      litres: 5,
      each: "rig",
      times: 1,
      per: "day",
      supply: "main",
      spread: 0.25,
      drains_to: drain,
    };
  const { each, per, supply, spread, name, drains_to } = habit;
  const amounts = habit.levels.ordinary;
  return {
    id,
    name,
    habit: habit.habit,
    ...amounts,
    each,
    per,
    supply,
    spread,
    drains_to: { outside: drain, toilet }[drains_to] ?? drains_to,
  };
}
