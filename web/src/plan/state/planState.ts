import type { Plan, SavedPlan } from "../../api/types";
import type { LocalDraft, Typed } from "../drafts/localDraft";
import { same, valueAt } from "./edits";
import { withIssued } from "./issued";
import { merged } from "./merge";
import { type Place, pointerOf } from "./parts";

/** A plan on the way back or forth, and in words the change that lies between it and the present one. */
export type Step = { plan: Plan; what: string };

export type PlanState = {
  id: string;
  /** What the server holds, as far as is known. */
  saved: { revision: number; plan: Plan };
  plan: Plan;
  past: Step[];
  future: Step[];
  /** The last change, in words. */
  what: string;
  /** The last edit's key: edits of one kind in a row are one undo step. */
  lastEdit: string | null;
  /** By place, so that a text stays with its part when another is removed. */
  typed: Record<Place, Typed>;
  /** How often Undo was pressed while a text was still being read: what was typed last is what is undone. */
  undosToCome: number;
  saving: "rest" | "saving" | "away" | "refused";
  /** Why nothing is saved at present, in words. */
  refusal: string | null;
  /** What was sent and may have arrived, though no reply came back: found on the server, it is nobody else's. */
  sent: Plan[];
  /** Edits that other tabs of this browser kept before they were closed. */
  others: LocalDraft[];
  /** What somebody else has saved meanwhile. */
  conflict: { revision: number; plan: Plan } | null;
};

/** What goes on when two windows have changed one plan. */
export type Resolution = "mine" | "theirs" | "both";

export type PlanAction =
  /** The plan that an edit made of the plan `from`: what has been changed since then stays. */
  | { type: "edit"; from: Plan; plan: Plan; what: string; key?: string }
  | { type: "undo" }
  | { type: "redo" }
  | { type: "settle" }
  | { type: "typed"; place: Place; typed: Typed }
  | { type: "untyped"; under: Place }
  /** Whatever is in the plan is shown as the plan has it. */
  | { type: "counted" }
  | { type: "saving"; plan: Plan }
  | { type: "saved"; saved: SavedPlan }
  /** The server has gone back to an earlier revision. */
  | { type: "restored"; saved: SavedPlan; what: string }
  /** Goes on with what another tab kept. */
  | { type: "adopt" }
  | { type: "away"; why: string }
  | { type: "refused"; why: string }
  /** Somebody has saved meanwhile: on top of `arrived`, if that was sent from here. */
  | {
      type: "conflict";
      current: { revision: number; plan: Plan };
      arrived?: { revision: number; plan: Plan } | undefined;
    }
  | { type: "resolve"; with: Resolution };

export function opened(saved: SavedPlan): PlanState {
  return {
    id: saved.id,
    saved: { revision: saved.revision, plan: saved.plan },
    plan: saved.plan,
    past: [],
    future: [],
    what: "",
    lastEdit: null,
    typed: {},
    undosToCome: 0,
    saving: "rest",
    refusal: null,
    sent: [],
    others: [],
    conflict: null,
  };
}

const MOST_SENT = 20;

/** Texts that are not in the plan: whatever happens to it, nobody types them again. */
export function notRead(typed: PlanState["typed"]): PlanState["typed"] {
  return Object.fromEntries(Object.entries(typed).filter(([, one]) => one.state !== "read"));
}

/** Whether a text is not in the plan, and stays so until something is done. */
export function isUncounted(typed: Typed | undefined): boolean {
  return typed?.state === "waiting" || typed?.state === "refused";
}

/** What stays typed after an edit: a text that was refused gives way where the edit gives that field another value. */
function stillTyped(typed: PlanState["typed"], before: Plan, after: Plan): PlanState["typed"] {
  const isSet = (place: Place) => ![undefined, valueAt(before, place)].includes(valueAt(after, place));
  return Object.fromEntries(Object.entries(typed).filter(([place, one]) => one.state !== "refused" || !isSet(place)));
}

/** Whether a text of a part that is still there is on its way to the plan. */
export function isReading({ typed, plan }: Pick<PlanState, "typed" | "plan">): boolean {
  return Object.entries(typed).some(
    ([place, one]) => one.state === "reading" && pointerOf(plan, place as Place) !== undefined,
  );
}

/** Whether the server holds another plan than this, or will once something has arrived that is still on its way. */
export function isUnsaved({ plan, saved, sent }: PlanState): boolean {
  return [saved.plan, ...sent].some((one) => !same(one, plan));
}

export function planReducer(state: PlanState, action: PlanAction): PlanState {
  const next = reduced(state, action);
  if (next.undosToCome === 0 || isReading(next)) return next;
  const undone = reduced(next, { type: "undo" });
  return planReducer({ ...undone, undosToCome: next.undosToCome - 1 }, { type: "settle" });
}

function reduced(state: PlanState, action: PlanAction): PlanState {
  switch (action.type) {
    case "edit": {
      const plan = withIssued(
        action.from === state.plan ? action.plan : sinceThen(action, state.plan),
        state.plan.issued,
      );
      if (same(plan, state.plan)) return state;
      const joins = action.key !== undefined && action.key === state.lastEdit;
      return {
        ...state,
        plan,
        past: joins ? state.past : [...state.past, { plan: state.plan, what: action.what }],
        future: [],
        what: action.what,
        lastEdit: action.key ?? null,
        typed: stillTyped(state.typed, state.plan, plan),
        saving: state.saving === "refused" ? "rest" : state.saving,
      };
    }
    case "settle":
      return { ...state, lastEdit: null };
    case "undo": {
      if (isReading(state)) return { ...state, undosToCome: state.undosToCome + 1 };
      const step = state.past.at(-1);
      if (!step) return state;
      return {
        ...state,
        plan: withIssued(step.plan, state.plan.issued),
        past: state.past.slice(0, -1),
        future: [{ plan: state.plan, what: step.what }, ...state.future],
        what: `undone: ${step.what}`,
        lastEdit: null,
        typed: notRead(state.typed),
      };
    }
    case "redo": {
      const [step, ...future] = state.future;
      if (!step) return state;
      const past = [...state.past, { plan: state.plan, what: step.what }];
      const plan = withIssued(step.plan, state.plan.issued);
      return { ...state, plan, past, future, what: step.what, lastEdit: null, typed: notRead(state.typed) };
    }
    case "typed":
      return { ...state, typed: { ...state.typed, [action.place]: action.typed } };
    case "counted":
      return { ...state, typed: notRead(state.typed) };
    case "untyped": {
      const kept = Object.entries(state.typed).filter(([place]) => !place.startsWith(action.under));
      return { ...state, typed: Object.fromEntries(kept) };
    }
    case "saving":
      return { ...state, saving: "saving", refusal: null, sent: [...state.sent, action.plan].slice(-MOST_SENT) };
    case "saved":
      return {
        ...state,
        plan: withIssued(state.plan, action.saved.plan.issued),
        saved: action.saved,
        saving: "rest",
        refusal: null,
        sent: [],
      };
    case "restored": {
      const past = [...state.past, { plan: state.plan, what: action.what }];
      const { saved, what } = action;
      return { ...state, saved, plan: saved.plan, past, future: [], what, lastEdit: null, typed: notRead(state.typed) };
    }
    case "adopt": {
      const [next, ...others] = state.others;
      return next && !isUnsaved(state) && !state.conflict ? { ...withDraft(state, next), others } : state;
    }
    case "away":
      return { ...state, saving: "away", refusal: action.why };
    case "refused":
      return { ...state, saving: "refused", refusal: action.why, sent: state.sent.slice(0, -1) };
    case "conflict": {
      const ours = [state.plan, ...state.sent].some((plan) => same(plan, action.current.plan));
      return ours
        ? { ...state, saved: action.current, saving: "rest", sent: [] }
        : { ...state, saved: action.arrived ?? state.saved, saving: "rest", sent: [], conflict: action.current };
    }
    case "resolve":
      return resolved(state, action.with);
  }
}

/** An edit of an older plan, done to the present one; where both changed one place, the edit that came last stands. */
function sinceThen({ from, plan }: { from: Plan; plan: Plan }, present: Plan): Plan {
  return merged(from, plan, present) ?? plan;
}

/** The plan that both states' changes make, while there is a conflict; null when they changed the same place. */
export function together(state: PlanState): Plan | null {
  return state.conflict && merged(state.saved.plan, state.plan, state.conflict.plan);
}

function resolved(state: PlanState, resolution: Resolution): PlanState {
  const { conflict } = state;
  const plan = resolution === "both" ? together(state) : resolution === "theirs" ? conflict?.plan : state.plan;
  if (!conflict || !plan) return state;
  const next = { ...state, saved: conflict, conflict: null };
  const what = resolution === "both" ? "changes of two windows combined" : "the other window’s changes used";
  return resolution === "mine"
    ? next
    : {
        ...next,
        plan,
        past: [...state.past, { plan: state.plan, what }],
        future: [],
        what,
        lastEdit: null,
        typed: notRead(state.typed),
      };
}

/** A state in which nothing is unsaved, with kept edits on top of it. */
export function withDraft(state: PlanState, kept: LocalDraft): PlanState {
  const typed = Object.entries(kept.typed).map(([at, one]) => [
    at,
    one.state === "reading" ? { ...one, state: "waiting" as const } : one,
  ]);
  const sent = kept.sent ?? [];
  const withTexts = { ...state, typed: { ...state.typed, ...Object.fromEntries(typed) }, sent };
  if (same(kept.plan, state.plan)) return withTexts;
  const past = [...state.past, { plan: state.plan, what: "edits from this browser" }];
  const edited = { ...withTexts, plan: kept.plan, past, future: [], lastEdit: null };
  const known = kept.base.revision === state.saved.revision || sent.some((plan) => same(plan, state.saved.plan));
  return known ? edited : { ...edited, saved: kept.base, conflict: state.saved };
}
