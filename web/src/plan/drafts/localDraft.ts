import type { Plan, Violation } from "../../api/types";

/** What stands in a measured field and is not yet, or cannot be, a value of the plan. */
export type Typed = {
  text: string;
  /** reading: asked; read: it is in the plan; refused: it says why; waiting: the server is away. */
  state: "reading" | "read" | "refused" | "waiting";
  /** What is being changed, in words. */
  what: string;
  violation?: Violation;
};

/** What this browser keeps while the server does not have it. */
export type LocalDraft = {
  /** What the edits are based on. */
  base: { revision: number; plan: Plan };
  plan: Plan;
  /** What was sent without a reply that came back. */
  sent: Plan[];
  /** Texts that are still being typed. */
  typed: Record<string, Typed>;
};
