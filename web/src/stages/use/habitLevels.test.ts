import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { Habit, Plan } from "../../api/types";
import { levelOf, newUse, typedUses, withAmounts, withHabits } from "./habitLevels";

const read = (path: string) =>
  JSON.parse(readFileSync(new URL(`../../../../catalogue/${path}`, import.meta.url), "utf8"));
const habits: Habit[] = read("habits.json").habits;
const fellside: Plan = read("plans/fellside.json");
const levels = ["frugal", "ordinary", "generous"].map((value) => ({ value, text: value }));
const shower = habits.find((habit) => habit.habit === "shower")!;
const dishes = habits.find((habit) => habit.habit === "dishes")!;

describe("habits", () => {
  it.each(["frugal", "ordinary", "generous"] as const)("%s is recognised once it is chosen", (level) => {
    const plan = withHabits(fellside, habits, level, true);
    expect(levelOf(plan.use.uses, habits, levels)).toBe(level);
    expect(plan.use.uses.map((use) => use.id)).toEqual(fellside.use.uses.map((use) => use.id));
  });
  it("uses changed by hand are at no level", () => {
    expect(levelOf(fellside.use.uses, habits, levels)).toBeNull();
    expect(levelOf([], habits, levels)).toBeNull();
  });
  it("the crew's own uses stay as they are", () => {
    const own = { ...newUse("dog", null, "outside", "nothing"), name: "Washing the dog" };
    const plan = { ...fellside, use: { ...fellside.use, uses: [...fellside.use.uses, own] } };
    expect(withHabits(plan, habits, "generous").use.uses.at(-1)).toEqual(own);
  });
  it.each([
    ["how often", { times: 2 }],
    ["how much", { litres: 3.3 }],
    ["how much and how often", { litres: 3.3, times: 4 }],
  ])("%s, typed by hand, stays unless all is to be replaced", (_, typed) => {
    const use = { ...newUse("dishes", dishes, "waste", "nothing"), ...typed };
    const plan = { ...fellside, use: { ...fellside.use, uses: [use] } };
    expect(withHabits(plan, habits, "frugal").use.uses).toEqual([use]);
    expect(typedUses([use], habits)).toEqual([use]);
    expect(withHabits(plan, habits, "frugal", true).use.uses[0]).toMatchObject(dishes.levels.frugal);
  });
  it("an outlet’s flow is nobody’s typing", () => {
    const fed = { ...newUse("shower", shower, "outside", "nothing"), flow_lpm: 4.321 };
    expect(typedUses([fed], habits)).toEqual([fed]);
    expect(typedUses([{ ...fed, outlet: "rose" }], habits)).toEqual([]);
  });
  it("litres give way to a flow that runs, and the other way about", () => {
    const bucket = { ...newUse("shower", shower, "outside", "nothing"), litres: 9 };
    const running = withAmounts(bucket, shower, "frugal");
    expect(running.litres).toBeUndefined();
    expect([running.flow_lpm, running.minutes]).toEqual([shower.levels.frugal.flow_lpm, shower.levels.frugal.minutes]);
    expect(withAmounts(running, dishes, "ordinary")).not.toHaveProperty("minutes");
  });
  it("a new use begins as the catalogue has it", () => {
    expect(newUse("shower-2", shower, "waste", "cassette")).toMatchObject({
      id: "shower-2",
      habit: "shower",
      each: "person",
      supply: "main",
      drains_to: "waste",
    });
    expect(newUse("use-1", null, "outside", "nothing")).not.toHaveProperty("habit");
    const flushing = habits.find((habit) => habit.habit === "flushing")!;
    expect(newUse("flushing", flushing, "waste", "cassette").drains_to).toBe("cassette");
  });
});
