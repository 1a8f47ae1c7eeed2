import type { Habit, HabitLevel, Option, Plan, Use } from "../../api/types";

/** A use with the amounts of one level of habit. */
export function withAmounts(use: Use, habit: Habit, level: HabitLevel): Use {
  const { litres: _litres, flow_lpm: _flow, minutes: _minutes, ...rest } = use;
  return { ...rest, ...habit.levels[level] } as Use;
}

/** The plan with every use that the catalogue knows at one level; the crew's own uses stay as they are. */
export function withHabits(plan: Plan, habits: readonly Habit[], level: string): Plan {
  const uses = plan.use.uses.map((use) => {
    const habit = habits.find((one) => one.habit === use.habit);
    return habit ? withAmounts(use, habit, level as HabitLevel) : use;
  });
  return { ...plan, use: { ...plan.use, uses } };
}

/** The level that all uses known to the catalogue are at; null when they are mixed or changed by hand. */
export function levelOf(uses: readonly Use[], habits: readonly Habit[], levels: readonly Option[]): string | null {
  const known = uses.flatMap((use) => {
    const habit = habits.find((one) => one.habit === use.habit);
    return habit ? [{ use, habit }] : [];
  });
  const at = (level: string) =>
    known.every(({ use, habit }) => {
      const amounts = habit.levels[level as HabitLevel];
      return (
        use.litres === amounts.litres &&
        use.flow_lpm === amounts.flow_lpm &&
        use.minutes === amounts.minutes &&
        use.times === amounts.times
      );
    });
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
