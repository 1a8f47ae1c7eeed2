import { readFileSync } from "node:fs";
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { Plan } from "../api/types";
import { withValue } from "./edits";
import { keepHere, keptHere } from "./keptHere";
import { opened, planReducer } from "./planState";

const plan: Plan = JSON.parse(readFileSync(new URL("../../../catalogue/plans/fellside.json", import.meta.url), "utf8"));
const start = opened({ id: "a", revision: 3, saved_at: "", plan });
const edited = planReducer(start, { type: "edit", plan: withValue(plan, "/use/days", 5) });

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
    expect(keptHere("a")).toMatchObject({ revision: 3, plan: { use: { days: 5 } } });
    expect(keptHere("b")).toBeNull();
  });
  it("is forgotten once the server has it", () => {
    keepHere(edited);
    keepHere(planReducer(edited, { type: "saved", saved: { id: "a", revision: 4, saved_at: "", plan: edited.plan } }));
    expect(keptHere("a")).toBeNull();
  });
  it("includes texts that are not understood or wait, but not those that are read", () => {
    const typed = (pointer: string, state: "read" | "refused" | "waiting") => ({
      type: "typed" as const,
      pointer,
      typed: { text: state, state },
    });
    keepHere([typed("/a", "read"), typed("/b", "refused"), typed("/c", "waiting")].reduce(planReducer, start));
    expect(Object.keys(keptHere("a")!.typed)).toEqual(["/b", "/c"]);
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
