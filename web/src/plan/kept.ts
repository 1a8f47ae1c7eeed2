import type { Plan } from "../api/types";
import { same } from "./edits";
import type { PlanState, Typed } from "./planState";

/** What this browser keeps while the server does not have it. */
export type Kept = {
  /** What the edits are based on. */
  base: { revision: number; plan: Plan };
  plan: Plan;
  /** What was sent without a reply that came back. */
  sent: Plan[];
  /** Texts that are still being typed. */
  typed: Record<string, Typed>;
};

/** A state in which nothing is unsaved, with kept edits on top of it. */
export function goingOn(state: PlanState, kept: Kept): PlanState {
  const typed = Object.entries(kept.typed).map(([at, one]) => [
    at,
    one.state === "reading" ? { ...one, state: "waiting" as const } : one,
  ]);
  const withTexts = { ...state, typed: { ...state.typed, ...Object.fromEntries(typed) } };
  if (same(kept.plan, state.plan)) return withTexts;
  const past = [...state.past, { plan: state.plan, what: "edits from this browser" }];
  const edited = { ...withTexts, plan: kept.plan, past, future: [], lastEdit: null, sent: kept.sent ?? [] };
  const known = kept.base.revision === state.saved.revision || edited.sent.some((plan) => same(plan, state.saved.plan));
  return known ? edited : { ...edited, saved: kept.base, conflict: state.saved };
}
