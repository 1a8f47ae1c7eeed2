import type { Plan } from "../api/types";
import { isUnsaved, type PlanState, type Typed } from "./planState";

/** What this browser keeps while the server does not have it: the plan as edited, and texts that are still being typed. */
type Kept = { revision: number; plan: Plan; typed: Record<string, Typed> };

const key = (id: string) => `yardcask.kept.${id}`;

export function keepHere(state: PlanState): void {
  const typed = Object.fromEntries(Object.entries(state.typed).filter(([, one]) => one.state !== "read"));
  try {
    if (isUnsaved(state) || Object.keys(typed).length > 0) {
      const kept: Kept = { revision: state.saved.revision, plan: state.plan, typed };
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
