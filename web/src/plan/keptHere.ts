import type { Plan, SavedPlan } from "../api/types";
import { same } from "./edits";
import { isUnsaved, notRead, opened, type PlanState, type Typed } from "./planState";

/** What this browser keeps while the server does not have it: the plan as edited, what it is based on, and texts that are still being typed. */
type Kept = { base: { revision: number; plan: Plan }; plan: Plan; typed: Record<string, Typed> };

const key = (id: string) => `yardcask.kept.${id}`;

export function keepHere(state: PlanState): void {
  const typed = notRead(state.typed);
  try {
    if (isUnsaved(state) || Object.keys(typed).length > 0) {
      const { revision, plan: base } = state.saved;
      const kept: Kept = { base: { revision, plan: base }, plan: state.plan, typed };
      localStorage.setItem(key(state.id), JSON.stringify(kept));
    } else {
      localStorage.removeItem(key(state.id));
    }
  } catch {
    // A browser that may not keep anything still edits and saves.
  }
}

export function keptHere(id: string): Kept | null {
  try {
    return JSON.parse(localStorage.getItem(key(id)) ?? "null");
  } catch {
    return null;
  }
}

/** A plan as it opens: edits that never reached the server go on from where they were, and meet what was saved since. */
export function reopened(saved: SavedPlan, kept: Kept | null): PlanState {
  const state = opened(saved);
  if (!kept) return state;
  const typed = Object.entries(kept.typed).map(([at, one]) => [
    at,
    one.state === "reading" ? { ...one, state: "waiting" as const } : one,
  ]);
  const withTexts = { ...state, typed: Object.fromEntries(typed) };
  if (same(kept.plan, saved.plan)) return withTexts;
  const edited = { ...withTexts, plan: kept.plan, past: [{ plan: kept.base.plan, what: "kept in this browser" }] };
  return kept.base.revision === saved.revision ? edited : { ...edited, saved: kept.base, conflict: state.saved };
}
