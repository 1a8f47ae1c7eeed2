import { readFileSync } from "node:fs";
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { Plan } from "../api/types";
import { withValue } from "./edits";
import { keepHere, keptHere, reopened } from "./keptHere";
import { opened, planReducer } from "./planState";

const plan: Plan = JSON.parse(readFileSync(new URL("../../../catalogue/plans/fellside.json", import.meta.url), "utf8"));
const start = opened({ id: "a", revision: 3, saved_at: "", plan });
const edited = planReducer(start, { type: "edit", plan: withValue(plan, "/use/days", 5), what: "days" });

function storage(): Storage {
  const kept = new Map<string, string>();
  return {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
    removeItem: (key: string) => kept.delete(key),
  } as unknown as Storage;
}

describe("what the browser keeps", () => {
  beforeEach(() => vi.stubGlobal("localStorage", storage()));

  it("is the plan as edited, with the revision that it is based on", () => {
    keepHere(edited);
    expect(keptHere("a")).toMatchObject({
      base: { revision: 3, plan: { use: { days: 3 } } },
      plan: { use: { days: 5 } },
    });
    expect(keptHere("b")).toBeNull();
  });
  it("is forgotten once the server has it", () => {
    keepHere(edited);
    keepHere(planReducer(edited, { type: "saved", saved: { id: "a", revision: 4, saved_at: "", plan: edited.plan } }));
    expect(keptHere("a")).toBeNull();
  });
  it("includes texts that are not understood or wait, but not those that are read", () => {
    const typed = (place: string, state: "read" | "refused" | "waiting") => ({
      type: "typed" as const,
      place,
      typed: { text: state, state, what: "" },
    });
    keepHere([typed("/a", "read"), typed("/b", "refused"), typed("/c", "waiting")].reduce(planReducer, start));
    expect(Object.keys(keptHere("a")!.typed)).toEqual(["/b", "/c"]);
  });
  it("goes on where it was when the plan is opened again", () => {
    keepHere(
      planReducer(edited, {
        type: "typed",
        place: "/use/crew",
        typed: { text: "3", state: "reading", what: "people" },
      }),
    );
    const again = reopened({ id: "a", revision: 3, saved_at: "", plan }, keptHere("a"));
    expect([again.plan.use.days, again.conflict, again.typed["/use/crew"]?.state]).toEqual([5, null, "waiting"]);
    expect(planReducer(again, { type: "undo" }).plan.use.days).toBe(3);
    expect(reopened({ id: "a", revision: 3, saved_at: "", plan }, null)).toEqual(start);
  });
  it("meets what was saved since, and goes together with it", () => {
    keepHere(edited);
    const since = { id: "a", revision: 6, saved_at: "", plan: withValue(plan, "/use/crew", 4) };
    const again = reopened(since, keptHere("a"));
    expect([again.saved.revision, again.conflict?.revision]).toEqual([3, 6]);
    const both = planReducer(again, { type: "resolve", with: "both" });
    expect([both.plan.use.days, both.plan.use.crew, both.saved.revision]).toEqual([5, 4, 6]);
    expect(reopened({ ...since, plan: edited.plan }, keptHere("a")).conflict).toBeNull();
  });
  it("may be nothing where the browser allows none, and something torn is nothing", () => {
    vi.stubGlobal("localStorage", {
      getItem: () => "{",
      setItem: () => {
        throw new Error("full");
      },
    });
    expect(() => keepHere(edited)).not.toThrow();
    expect(keptHere("a")).toBeNull();
  });
});
