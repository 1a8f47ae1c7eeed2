import { applyPatch, compare, type Operation } from "fast-json-patch";
import type { Plan } from "../../api/types";
import { same } from "../state/edits";
import type { PlanState, Step } from "../state/planState";

/** Apart from the edits that are kept until they are saved: should this be full, only undo is lost. It goes with the tab. */
const key = (id: string) => `yardcask.undo.${id}`;
const MOST_STEPS = 100;

type Kept = { what: string; patch: Operation[] };
/** The steps back and forth, each from the one before it, and the plan from which the first ones go. */
type Undo = { of: Plan; past: Kept[]; future: Kept[] };

/** What leads to a step's plan from the plan that came after or before it: worked out once, because steps stay as they are. */
const known = new WeakMap<Step, { from: Plan; kept: Kept }>();

function kept(step: Step, from: Plan): Kept {
  const before = known.get(step);
  if (before?.from === from) return before.kept;
  const made = { what: step.what, patch: compare(from, step.plan) };
  known.set(step, { from, kept: made });
  return made;
}

/** @param steps the nearest first */
function keptFrom(plan: Plan, steps: readonly Step[]): Kept[] {
  return steps.slice(0, MOST_STEPS).map((step, index) => kept(step, steps[index - 1]?.plan ?? plan));
}

export function storeUndo({ id, plan, past, future }: PlanState): void {
  const undo: Undo = { of: plan, past: keptFrom(plan, past.toReversed()), future: keptFrom(plan, future) };
  try {
    sessionStorage.setItem(key(id), JSON.stringify(undo));
  } catch {
    forget(id);
  }
}

function forget(id: string): void {
  try {
    sessionStorage.removeItem(key(id));
  } catch {
    // A browser that may not keep anything has kept no undo either.
  }
}

function stepsFrom(plan: Plan, steps: readonly Kept[]): Step[] {
  let at = plan;
  return steps.map(({ what, patch }) => {
    at = applyPatch(structuredClone(at), patch).newDocument;
    return { plan: at, what };
  });
}

/** The state with the steps that were kept in this tab, if they lead from the plan that it opens with. */
export function withUndo(state: PlanState): PlanState {
  try {
    const undo: Undo | null = JSON.parse(sessionStorage.getItem(key(state.id)) ?? "null");
    if (!undo || state.conflict || !same(undo.of, state.plan)) return state;
    return {
      ...state,
      past: stepsFrom(state.plan, undo.past).toReversed(),
      future: stepsFrom(state.plan, undo.future),
    };
  } catch {
    return state;
  }
}
