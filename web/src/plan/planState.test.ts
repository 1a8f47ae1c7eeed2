import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { Plan } from "../api/types";
import { differences, freeId, inWords, patched, withValue } from "./edits";
import { isUnsaved, opened, type PlanAction, type PlanState, planReducer } from "./planState";

const fellside: Plan = JSON.parse(
  readFileSync(new URL("../../../catalogue/plans/fellside.json", import.meta.url), "utf8"),
);
const start = () => opened({ id: "a", revision: 1, saved_at: "", plan: fellside });
const days = (count: number, key?: string): PlanAction => ({
  type: "edit",
  plan: withValue(fellside, "/use/days", count),
  what: `${count} days`,
  ...(key && { key }),
});
const having = (...actions: PlanAction[]): PlanState => actions.reduce(planReducer, start());

describe("undo and redo", () => {
  it("joins edits of one kind in a row, until they settle", () => {
    expect(having(days(4, "d"), days(5, "d"), days(6, "d")).past).toHaveLength(1);
    expect(having(days(4, "d"), { type: "settle" }, days(5, "d")).past).toHaveLength(2);
    expect(having(days(4, "d"), days(5)).past).toHaveLength(2);
  });
  it("goes back and forth, and a new edit ends the way forth", () => {
    const back = having(days(4), days(5), { type: "undo" });
    expect([back.plan.use.days, back.future.length]).toEqual([4, 1]);
    expect(planReducer(back, { type: "redo" }).plan.use.days).toBe(5);
    expect(planReducer(back, days(9)).future).toEqual([]);
    expect(having({ type: "undo" }, { type: "redo" })).toEqual(start());
  });
  it("says in words what was done, undone and done again", () => {
    const twice = having(days(4), days(5));
    expect([twice.what, twice.past.map((step) => step.what)]).toEqual(["5 days", ["4 days", "5 days"]]);
    const back = planReducer(twice, { type: "undo" });
    expect([back.what, back.future.map((step) => step.what)]).toEqual(["undone: 5 days", ["5 days"]]);
    expect(planReducer(back, { type: "redo" }).what).toBe("5 days");
  });
  it("an edit that changes nothing is no step", () => {
    expect(having(days(3)).past).toEqual([]);
  });
});

describe("saving", () => {
  const current = { revision: 4, plan: withValue(fellside, "/use/crew", 7) };
  it("knows what the server does not have", () => {
    expect(isUnsaved(start())).toBe(false);
    const edited = having(days(4));
    expect(isUnsaved(edited)).toBe(true);
    expect(
      isUnsaved(
        planReducer(edited, { type: "saved", saved: { id: "a", revision: 2, saved_at: "", plan: edited.plan } }),
      ),
    ).toBe(false);
  });
  it("tries again after a refusal only when something changed", () => {
    const refused = having(days(4), { type: "refused", why: "no" });
    expect(refused.saving).toBe("refused");
    expect(planReducer(refused, days(5)).saving).toBe("rest");
  });
  it("keeps both states of a conflict within reach, whichever goes on", () => {
    const conflict = having(days(4), { type: "conflict", current });
    const mine = planReducer(conflict, { type: "resolve", with: "mine" });
    expect([mine.plan.use.days, mine.saved.revision, isUnsaved(mine)]).toEqual([4, 4, true]);
    const theirs = planReducer(conflict, { type: "resolve", with: "theirs" });
    expect([theirs.plan.use.crew, isUnsaved(theirs)]).toEqual([7, false]);
    expect(planReducer(theirs, { type: "undo" }).plan.use.days).toBe(4);
    const both = planReducer(conflict, { type: "resolve", with: "both" });
    expect([both.plan.use.crew, both.plan.use.days, both.saved.revision, both.conflict]).toEqual([7, 4, 4, null]);
    expect(planReducer(start(), { type: "resolve", with: "both" })).toEqual(start());
  });
  it("the same change made twice is no conflict", () => {
    expect(
      having({ type: "edit", plan: current.plan, what: "crew" }, { type: "conflict", current }).conflict,
    ).toBeNull();
  });
});

describe("edits", () => {
  it("set, take away and never touch the plan given", () => {
    const weighed = withValue(fellside, "/load/rig/rear/weighed_kg", 1500);
    expect(differences(fellside, weighed)).toEqual(["/load/rig/rear/weighed_kg"]);
    expect(differences(withValue(weighed, "/load/rig/rear/weighed_kg", undefined), fellside)).toEqual([]);
    expect(withValue(fellside, "/load/rig/rear/weighed_kg", undefined)).toBe(fellside);
  });
  it("apply a JSON Patch", () => {
    expect(
      patched(fellside, [
        { op: "remove", path: "/tanks/0" },
        { op: "add", path: "/tanks/-", value: fellside.tanks[0] },
      ]).tanks.map((tank) => tank.id),
    ).toEqual(["drink-1", "drink-2", "tail"]);
  });
  it("are put into words with the name of the part", () => {
    expect(inWords(fellside, "/tanks/0/length_mm", "length")).toBe("Tail tank, length");
    expect(inWords(fellside, "/load/loads/3/kg", "weight")).toBe("Boots, hose, flags, weight");
    expect(inWords(fellside, "/use/days", "between fills")).toBe("between fills");
  });
  it("find ids that are free in the whole plan", () => {
    expect([freeId(fellside, "drink"), freeId(fellside, "can")]).toEqual(["drink-3", "can-1"]);
  });
});
