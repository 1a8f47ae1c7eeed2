import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { Plan } from "../../api/types";
import { differences, inWords, patched, withValue } from "./edits";
import { merged } from "./merge";
import { newId, placeOf, pointerOf, withNewIds } from "./parts";
import { isUnsaved, opened, type PlanAction, type PlanState, planReducer, together } from "./planState";

const fellside: Plan = JSON.parse(
  readFileSync(new URL("../../../../catalogue/plans/fellside.json", import.meta.url), "utf8"),
);
const start = () => opened({ id: "a", revision: 1, saved_at: "", plan: fellside });
const days = (count: number, key?: string): PlanAction => ({
  type: "edit",
  from: fellside,
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
  it("an edit of an older plan leaves what was changed since then, and the last stands where both changed one place", () => {
    const stay: PlanAction = {
      type: "edit",
      from: fellside,
      plan: withValue(fellside, "/use/stay", "mixed"),
      what: "mixed",
    };
    expect(having(days(4), stay).plan.use).toMatchObject({ days: 4, stay: "mixed" });
    expect(having(stay, days(4), { type: "undo" }).plan.use).toMatchObject({ days: 3, stay: "mixed" });
    expect(having(days(4), days(5)).plan.use.days).toBe(5);
  });
  it("undoes what was typed last, though it was still being read", () => {
    const typed = (state: "reading" | "read"): PlanAction => ({
      type: "typed",
      place: "/use/days",
      typed: { text: "5", state, what: "5 days" },
    });
    const pressed = having(days(4), typed("reading"), { type: "undo" });
    expect(pressed.plan.use.days).toBe(4);
    const read = [days(5), typed("read")].reduce(planReducer, pressed);
    expect([read.plan.use.days, read.future.map((step) => step.what)]).toEqual([4, ["5 days"]]);
    const twice = [{ type: "undo" } as const, days(5), typed("read")].reduce(planReducer, pressed);
    expect([twice.plan.use.days, twice.undosToCome]).toEqual([3, 0]);
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
  it("what was sent and has arrived without a reply is no conflict, however much was typed since", () => {
    const first = having(days(4)).plan;
    const typed = having(days(4), { type: "saving", plan: first }, { type: "away", why: "" }, days(5), days(6));
    const next = planReducer(typed, { type: "conflict", current: { revision: 2, plan: first } });
    expect([next.conflict, next.saved.revision, next.plan.use.days, isUnsaved(next)]).toEqual([null, 2, 6, true]);
    expect(planReducer(typed, { type: "conflict", current }).conflict).toBe(current);
  });
  it("what was saved on top of it meets only what was typed since", () => {
    const first = having(days(4)).plan;
    const typed = having(days(4), { type: "saving", plan: first }, { type: "away", why: "" }, days(5));
    const current = { revision: 3, plan: withValue(first, "/use/crew", 7) };
    expect(together(planReducer(typed, { type: "conflict", current }))).toBeNull();
    const met = planReducer(typed, { type: "conflict", current, arrived: { revision: 2, plan: first } });
    expect([together(met)?.use.days, together(met)?.use.crew]).toEqual([5, 7]);
  });
  it("going back to an earlier revision can be undone", () => {
    const saved = { id: "a", revision: 9, saved_at: "", plan: withValue(fellside, "/use/days", 2) };
    const back = having(days(4), { type: "restored", saved, what: "back to revision 2" });
    expect([back.plan.use.days, back.saved.revision, isUnsaved(back)]).toEqual([2, 9, false]);
    expect(planReducer(back, { type: "undo" }).plan.use.days).toBe(4);
  });
  it("a change taken back while it is on its way is unsaved until the server has the plan as it was", () => {
    const onTheWay = having(days(4), { type: "saving", plan: withValue(fellside, "/use/days", 4) }, { type: "undo" });
    expect(isUnsaved(onTheWay)).toBe(true);
    const arrived = { id: "a", revision: 2, saved_at: "", plan: withValue(fellside, "/use/days", 4) };
    const after = planReducer(onTheWay, { type: "saved", saved: arrived });
    expect([after.plan.use.days, isUnsaved(after)]).toEqual([3, true]);
    const again = planReducer(after, { type: "saving", plan: fellside });
    expect(isUnsaved(planReducer(again, { type: "saved", saved: { ...arrived, plan: fellside } }))).toBe(false);
    // What the server refused has not arrived.
    expect(isUnsaved(planReducer(onTheWay, { type: "refused", why: "" }))).toBe(false);
    expect(isUnsaved(planReducer(onTheWay, { type: "away", why: "" }))).toBe(true);
  });
  it("the same change made twice is no conflict", () => {
    expect(
      having({ type: "edit", from: fellside, plan: current.plan, what: "crew" }, { type: "conflict", current })
        .conflict,
    ).toBeNull();
  });
});

describe("edits", () => {
  it("set, take away and never touch the plan given", () => {
    const weighed = withValue(fellside, "/load/rig/axles/0/weighed_kg", 1500);
    expect(differences(fellside, weighed)).toEqual(["/load/rig/axles/@axle-front/weighed_kg"]);
    expect(differences(withValue(weighed, "/load/rig/axles/0/weighed_kg", undefined), fellside)).toEqual([]);
    expect(withValue(fellside, "/load/rig/axles/0/weighed_kg", undefined)).toBe(fellside);
  });
  it("apply a JSON Patch", () => {
    expect(
      patched(fellside, [
        { op: "remove", path: "/tanks/0" },
        { op: "add", path: "/tanks/-", value: fellside.tanks[0] },
      ]).tanks.map((tank) => tank.id),
    ).toEqual(["drink-cans", "waste", "tail"]);
  });
  it("are put into words with the name of the part", () => {
    expect(inWords(fellside, "/tanks/0/length_mm", "length")).toBe("Tail tank, length");
    expect(inWords(fellside, "/load/loads/2/kg", "weight")).toBe("Boots, hose, flags, weight");
    expect(inWords(fellside, "/use/days", "between fills")).toBe("between fills");
  });
  it("compare parts with those of the same id, whatever stands before them", () => {
    const less = { ...fellside, tanks: fellside.tanks.slice(1) };
    expect(differences(fellside, less)).toEqual(["/tanks/@tail"]);
    expect(differences(less, withValue(fellside, "/tanks/1/x_m", 3))).toEqual([
      "/tanks/@drink-cans/x_m",
      "/tanks/@tail",
    ]);
    const turned = { ...fellside, tanks: fellside.tanks.toReversed() };
    expect(differences(fellside, turned)).toEqual(["/tanks"]);
  });
});

describe("places stay with their part", () => {
  const less = { ...fellside, tanks: fellside.tanks.slice(1) };
  it.each([
    ["/tanks/1/length_mm", "/tanks/@drink-cans/length_mm", "/tanks/0/length_mm"],
    ["/tanks/0/length_mm", "/tanks/@tail/length_mm", undefined],
    ["/load/seats/1/kg", "/load/seats/@navigator/kg", "/load/seats/1/kg"],
    ["/load/rig/axles/0/limit_kg", "/load/rig/axles/@axle-front/limit_kg", "/load/rig/axles/0/limit_kg"],
    ["/use/crew", "/use/crew", "/use/crew"],
  ])("%s", (pointer, place, without) => {
    expect(placeOf(fellside, pointer)).toBe(place);
    expect(pointerOf(fellside, place)).toBe(pointer);
    expect(pointerOf(less, place)).toBe(without);
  });
  it("a text that was refused stays with its tank when another is removed, undone and done again", () => {
    const place = placeOf(fellside, "/tanks/1/length_mm");
    const states = [
      { type: "typed", place, typed: { text: "long", state: "refused", what: "" } },
      { type: "edit", from: fellside, plan: less, what: "without Tail tank" },
      { type: "undo" },
      { type: "redo" },
      { type: "counted" },
    ] as const satisfies PlanAction[];
    let state = start();
    for (const action of states) {
      state = planReducer(state, action);
      expect(state.typed[place]?.text).toBe("long");
    }
    expect(planReducer(state, { type: "untyped", under: "/tanks/@drink-cans" }).typed).toEqual({});
  });
  it("a text that was refused gives way to what an edit sets its field to, and to nothing else", () => {
    const refused: PlanAction = {
      type: "typed",
      place: "/use/days",
      typed: { text: "", state: "refused", what: "days" },
    };
    expect(having(refused, days(5)).typed).toEqual({});
    const length: PlanAction = { ...refused, place: "/tanks/@tail/length_mm" };
    const removed: PlanAction = { type: "edit", from: fellside, plan: less, what: "without Tail tank" };
    expect(having(length, removed, { type: "undo" }).typed).toHaveProperty([length.place]);
    const crew = withValue(fellside, "/use/crew", 4);
    expect(having(refused, { type: "edit", from: fellside, plan: crew, what: "crew" }).typed).toHaveProperty(
      "/use/days",
    );
    const reading: PlanAction = { ...refused, typed: { text: "6", state: "reading", what: "days" } };
    expect(having(reading, days(5)).typed).toHaveProperty("/use/days");
  });
  it("ids are new, also where a patch speaks of them, and never those of a part that was removed", () => {
    const ids = new Set(Array.from({ length: 300 }, () => newId(fellside, "can")));
    expect(ids.size).toBeGreaterThan(295);
    expect([...ids].every((id) => /^can-[a-z2-9]{4}$/.test(id))).toBe(true);
    const patch = [
      { op: "add" as const, path: "/tanks/-", value: { ...fellside.tanks[2], id: "waste-1" } },
      { op: "test" as const, path: "/use/uses/2/id", value: "dishes" },
      { op: "replace" as const, path: "/use/uses/2/drains_to", value: "waste-1" },
    ];
    const fresh = withNewIds(fellside, patch as never);
    const id = (fresh[0]!.value as { id: string }).id;
    expect(id).toMatch(/^waste-[a-z2-9]{4}$/);
    expect([fresh[1]!.value, fresh[2]!.value]).toEqual(["dishes", id]);
  });
});

describe("the numbers that were issued", () => {
  const issuing = (plan: Plan, pipe: number): Plan => ({ ...plan, issued: { ...plan.issued, pipe } });

  it("are the server's account: they are taken over, and are nobody's unsaved change", () => {
    const start = opened({ id: "a", revision: 1, saved_at: "", plan: issuing(fellside, 40) });
    const saved = { id: "a", revision: 2, saved_at: "", plan: issuing(fellside, 90) };
    const after = planReducer({ ...start, plan: { ...start.plan, name: "Kestrel" } }, { type: "saved", saved });
    expect([after.plan.issued.pipe, after.plan.name]).toEqual([90, "Kestrel"]);
    expect(isUnsaved({ ...after, plan: issuing(fellside, 40) })).toBe(false);
    // Nothing new was issued: the plan stays the very same, and nothing is asked again.
    expect(planReducer(after, { type: "saved", saved }).plan).toBe(after.plan);
  });

  it("count what an edit brings, also once it is undone", () => {
    const spare = { ...fellside.tanks[0]!, id: "tank-41", name: "Spare", ports: [], levels: [] };
    const start = opened({ id: "a", revision: 1, saved_at: "", plan: fellside });
    const plan = { ...fellside, tanks: [...fellside.tanks, spare] };
    const added = planReducer(start, { type: "edit", from: fellside, plan, what: "one more" });
    expect(added.plan.issued.tank).toBe(41);
    const undone = planReducer(added, { type: "undo" });
    expect([undone.plan.tanks.length, undone.plan.issued.tank]).toEqual([fellside.tanks.length, 41]);
    expect(isUnsaved(undone)).toBe(false);
  });

  it("do not keep two windows' changes apart", () => {
    const mine = issuing({ ...fellside, name: "Kestrel" }, 50);
    const theirs = issuing({ ...fellside, use: { ...fellside.use, days: 9 } }, 60);
    expect(merged(issuing(fellside, 40), mine, theirs)).toMatchObject({
      name: "Kestrel",
      use: { days: 9 },
      issued: { pipe: 60 },
    });
  });
});
