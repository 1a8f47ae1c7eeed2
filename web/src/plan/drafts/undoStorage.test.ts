import { beforeEach, describe, expect, it } from "vitest";
import type { Plan, SavedPlan } from "../../api/types";
import { opened, type PlanState, planReducer } from "../state/planState";
import { storeUndo, withUndo } from "./undoStorage";

const plan = (days: number): Plan => ({ name: "A plan", use: { days }, issued: {} }) as Plan;
const saved = (days: number): SavedPlan => ({ id: "a", revision: 1, saved_at: "", plan: plan(days) });

/** As it is after so many edits. */
function edited(...days: number[]): PlanState {
  return days.reduce(
    (state, one) => planReducer(state, { type: "edit", from: state.plan, plan: plan(one), what: `${one} days` }),
    opened(saved(0)),
  );
}

const days = (state: PlanState) =>
  [state.past, state.future].map((steps) => steps.map((step) => [step.plan.use.days, step.what]));

describe("undo in the tab", () => {
  const store = new Map<string, string>();
  beforeEach(() => {
    store.clear();
    globalThis.sessionStorage = {
      getItem: (key: string) => store.get(key) ?? null,
      setItem: (key: string, value: string) => void store.set(key, value),
      removeItem: (key: string) => void store.delete(key),
    } as Storage;
  });

  it("is there again after a reload, back and forth", () => {
    const before = planReducer(planReducer(edited(1, 2, 3), { type: "undo" }), { type: "undo" });
    storeUndo(before);
    const after = withUndo(opened(saved(1)));
    expect(days(after)).toEqual(days(before));
    expect(days(after)).toEqual([
      [[0, "1 days"]],
      [
        [2, "2 days"],
        [3, "3 days"],
      ],
    ]);
  });

  it("keeps the last hundred steps", () => {
    storeUndo(edited(...Array.from({ length: 130 }, (_, index) => index + 1)));
    const { past } = withUndo(opened(saved(130)));
    expect(past).toHaveLength(100);
    expect([past.at(-1)?.plan.use.days, past[0]?.plan.use.days]).toEqual([129, 30]);
  });

  it("follows edits that join into one step", () => {
    const typed = ["4", "40"].reduce(
      (state, text) =>
        planReducer(state, { type: "edit", from: state.plan, plan: plan(Number(text)), what: "days", key: "days" }),
      opened(saved(0)),
    );
    storeUndo(edited(4));
    storeUndo(typed);
    expect(days(withUndo(opened(saved(40))))).toEqual([[[0, "days"]], []]);
  });

  it.each([
    ["another plan than it was left with", () => storeUndo(edited(1)), opened(saved(5))],
    ["nothing kept", () => {}, opened(saved(0))],
    ["something else kept there", () => store.set("yardcask.undo.a", '{"of":'), opened(saved(0))],
    ["a conflict", () => storeUndo(edited(1)), { ...opened(saved(1)), conflict: { revision: 2, plan: plan(7) } }],
  ])("leaves a plan alone that opens with %s", (_, keep, state) => {
    keep();
    expect(withUndo(state)).toBe(state);
  });

  it("is forgotten where there is no room, and nothing falls", () => {
    storeUndo(edited(1));
    sessionStorage.setItem = () => {
      throw new DOMException("full", "QuotaExceededError");
    };
    storeUndo(edited(1, 2));
    expect(store.size).toBe(0);
  });
});
