import { createContext, use } from "react";
import type { Assessment, Figure, Fix, Plan, SavedPlan, Units } from "../../api/types";
import type { Typed } from "../drafts/localDraft";
import type { PlanState, Resolution } from "./planState";

/** Everything that a screen of one plan needs. */
export type PlanWork = {
  state: PlanState;
  plan: Plan;
  assessment: Assessment;
  /** The assessment before the last change, to say what a figure was. */
  before: Assessment | null;
  /** Whether the assessment is that of the plan as it is now, and nothing typed is on its way to be read. */
  settled: boolean;
  /** Whether the server did not answer when it was last asked for it. */
  away: boolean;
  /** The id of what is opened on this stage; on Line, of the many fields there only its own are read. */
  opened: string | null;
  open: (id: string | null) => void;
  /** Replaces the plan and says in words what is changed; edits with the same key in a row are one undo step. */
  edit: (plan: Plan, what: string, key?: string) => void;
  set: (pointer: string, value: unknown, what: string, key?: string) => void;
  apply: (fix: Fix) => void;
  /** Applies a patch that appends a part, says the part's id, and goes to its name. */
  add: (addition: Fix) => string;
  /** Takes a part out of its list; the keyboard goes on at what the selector names. */
  remove: (pointer: string, focus: string) => void;
  setUnits: (units: Partial<Units>) => void;
  undo: () => void;
  redo: () => void;
  /** Goes on from an earlier revision that the server has saved again. */
  restored: (saved: SavedPlan, what: string) => void;
  /** Text typed into a measured field: read by the server, kept until it can be; sure when an unlikely value was confirmed. */
  type: (pointer: string, text: string, what: string, sure?: boolean) => void;
  typed: (pointer: string) => Typed | undefined;
  /** Forgets what was typed at and below a pointer. */
  untype: (under: string) => void;
  /** How many texts could not be read, yet or at all. */
  uncounted: number;
  /** Ends an undo step: the next edit begins a new one. */
  settle: () => void;
  resolve: (resolution: Resolution) => void;
  /** Opens the sum of a figure, by its id or by itself. */
  openSum: (figure: string | Figure) => void;
  /** Goes to the stage of a field and puts the cursor into it. */
  goTo: (pointer: string) => void;
};

export const PlanContext = createContext<PlanWork | null>(null);

export function usePlan(): PlanWork {
  const work = use(PlanContext);
  if (!work) throw new Error("usePlan needs a PlanProvider around it.");
  return work;
}
