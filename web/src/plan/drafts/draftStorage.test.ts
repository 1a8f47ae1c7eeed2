import { readFileSync } from "node:fs";
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { Plan } from "../../api/types";
import { withValue } from "../state/edits";
import { opened, planReducer } from "../state/planState";
import { reopened, storeDrafts, takeDrafts } from "./draftStorage";

const plan: Plan = JSON.parse(
  readFileSync(new URL("../../../../catalogue/plans/fellside.json", import.meta.url), "utf8"),
);
const start = opened({ id: "a", revision: 3, saved_at: "", plan });
const edited = planReducer(start, { type: "edit", from: plan, plan: withValue(plan, "/use/days", 5), what: "days" });

function storage(): Storage {
  const kept = new Map<string, string>();
  // Its keys are its own, as in a browser; its methods are not.
  const store = new Proxy({} as Record<string, unknown>, {
    ownKeys: () => [...kept.keys()],
    getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true }),
  });
  Object.setPrototypeOf(store, {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
    removeItem: (key: string) => kept.delete(key),
  });
  return store as unknown as Storage;
}

const TAB = "this-tab";
let open: string[] = [];
vi.mock("./tab", () => ({ thisTab: async () => TAB, openTabs: async () => new Set([TAB, ...open]) }));

const at = (revision: number, saved: Plan = plan) => ({ id: "a", revision, saved_at: "", plan: saved });

describe("what the browser keeps", () => {
  beforeEach(() => {
    open = [];
    vi.stubGlobal("localStorage", storage());
  });

  it("is the plan as edited, with the revision that it is based on", async () => {
    storeDrafts(edited, TAB);
    const [kept] = await takeDrafts("a");
    expect(kept).toMatchObject({ base: { revision: 3, plan: { use: { days: 3 } } }, plan: { use: { days: 5 } } });
    expect(await takeDrafts("b")).toEqual([]);
  });
  it("is forgotten once the server has it", async () => {
    storeDrafts(edited, TAB);
    storeDrafts(planReducer(edited, { type: "saved", saved: at(4, edited.plan) }), TAB);
    expect(await takeDrafts("a")).toEqual([]);
  });
  it("includes texts that are not understood or wait, but not those that are read", async () => {
    const typed = (place: string, state: "read" | "refused" | "waiting") => ({
      type: "typed" as const,
      place,
      typed: { text: state, state, what: "" },
    });
    storeDrafts([typed("/a", "read"), typed("/b", "refused"), typed("/c", "waiting")].reduce(planReducer, start), TAB);
    expect(Object.keys((await takeDrafts("a"))[0]!.typed)).toEqual(["/b", "/c"]);
  });
  it("goes on where it was when the plan is opened again", async () => {
    const typed = { text: "3", state: "reading" as const, what: "people" };
    storeDrafts(planReducer(edited, { type: "typed", place: "/use/crew", typed }), TAB);
    const again = reopened(at(3), await takeDrafts("a"));
    expect([again.plan.use.days, again.conflict, again.typed["/use/crew"]?.state]).toEqual([5, null, "waiting"]);
    expect(planReducer(again, { type: "undo" }).plan.use.days).toBe(3);
    expect(reopened(at(3), [])).toEqual(start);
  });
  it("meets what was saved since, and goes together with it", async () => {
    storeDrafts(edited, TAB);
    const kept = await takeDrafts("a");
    const again = reopened(at(6, withValue(plan, "/use/crew", 4)), kept);
    expect([again.saved.revision, again.conflict?.revision]).toEqual([3, 6]);
    const both = planReducer(again, { type: "resolve", with: "both" });
    expect([both.plan.use.days, both.plan.use.crew, both.saved.revision]).toEqual([5, 4, 6]);
    expect(reopened(at(6, edited.plan), kept).conflict).toBeNull();
  });
  it("knows what it sent, though no reply came back before the page was left", async () => {
    const sent = planReducer(edited, { type: "saving", plan: edited.plan });
    storeDrafts(
      planReducer(sent, { type: "edit", from: plan, plan: withValue(plan, "/use/days", 7), what: "days" }),
      TAB,
    );
    const again = reopened(at(4, edited.plan), await takeDrafts("a"));
    expect([again.plan.use.days, again.saved.revision, again.conflict]).toEqual([7, 4, null]);
  });
  it("is kept apart for each tab; what a closed one left goes on here, one after the other", async () => {
    const crew = planReducer(start, { type: "edit", from: plan, plan: withValue(plan, "/use/crew", 6), what: "crew" });
    storeDrafts(edited, "first");
    storeDrafts(crew, "second");
    open = ["first", "second"];
    expect(await takeDrafts("a")).toEqual([]);
    open = [];
    const kept = await takeDrafts("a");
    expect(kept.map((one) => [one.plan.use.days, one.plan.use.crew])).toEqual([
      [5, 2],
      [3, 6],
    ]);
    let state = reopened(at(3), kept);
    expect(planReducer(state, { type: "adopt" })).toBe(state);
    state = planReducer(state, { type: "saved", saved: at(4, state.plan) });
    storeDrafts(state, TAB);
    expect((await takeDrafts("a")).map((one) => one.plan.use.crew)).toEqual([6]);
    state = planReducer(state, { type: "adopt" });
    state = planReducer(state, { type: "resolve", with: "both" });
    expect([state.plan.use.days, state.plan.use.crew, state.saved.revision]).toEqual([5, 6, 4]);
  });
  it("may be nothing where the browser allows none, and something torn is nothing", async () => {
    const torn = storage();
    torn.setItem(`yardcask.kept.a.${TAB}`, "{");
    torn.setItem("yardcask.kept.a.gone", "[");
    torn.setItem("yardcask.kept.a.odd", '[null, 7, {"plan": {}}]');
    vi.stubGlobal("localStorage", torn);
    expect(await takeDrafts("a")).toEqual([]);
    vi.stubGlobal("localStorage", {
      setItem: () => {
        throw new Error("full");
      },
    });
    expect(() => storeDrafts(edited, TAB)).not.toThrow();
    expect(await takeDrafts("a")).toEqual([]);
  });
});
