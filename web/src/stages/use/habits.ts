import type { Habit, HabitLevel, Plan, Use } from "../../api/types";

const LEVELS: readonly HabitLevel[] = ["frugal", "ordinary", "generous"];

/** A use with the amounts of one level of habit. */
export function withAmounts(use: Use, habit: Habit, level: HabitLevel): Use {
  const { litres: _litres, flow_lpm: _flow, minutes: _minutes, ...rest } = use;
  return { ...rest, ...habit.levels[level] } as Use;
}

/** The plan with every use that the catalogue knows at one level; the crew's own uses stay as they are. */
export function withHabits(plan: Plan, habits: readonly Habit[], level: HabitLevel): Plan {
  const uses = plan.use.uses.map((use) => {
    const habit = habits.find((one) => one.habit === use.habit);
    return habit ? withAmounts(use, habit, level) : use;
  });
  return { ...plan, use: { ...plan.use, uses } };
}

/** The level that all uses known to the catalogue are at; null when they are mixed or changed by hand. */
export function levelOf(uses: readonly Use[], habits: readonly Habit[]): HabitLevel | null {
  const known = uses.flatMap((use) => {
    const habit = habits.find((one) => one.habit === use.habit);
    return habit ? [{ use, habit }] : [];
  });
  const at = (level: HabitLevel) =>
    known.every(({ use, habit }) => {
      const amounts = habit.levels[level];
      return (
        use.litres === amounts.litres &&
        use.flow_lpm === amounts.flow_lpm &&
        use.minutes === amounts.minutes &&
        use.times === amounts.times
      );
    });
  return known.length > 0 ? (LEVELS.find(at) ?? null) : null;
}

/** A new use from the catalogue, or one of the crew's own. */
export function newUse(id: string, habit: Habit | null): Use {
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
    } as Use;
  const { each, per, supply, spread, name } = habit;
  return { id, name, habit: habit.habit, ...habit.levels.ordinary, each, per, supply, spread } as Use;
}
