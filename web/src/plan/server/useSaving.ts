import { type Dispatch, useEffect, useRef } from "react";
import { api } from "../../api/client";
import { Away, Refused } from "../../api/errors";
import type { Plan } from "../../api/types";
import { storeDrafts } from "../drafts/draftStorage";
import { storeUndo } from "../drafts/undoStorage";
import { same } from "../state/edits";
import { isUnsaved, type PlanAction, type PlanState } from "../state/planState";

const PAUSE_MS = 500;
const RETRY_MS = 1500;

/**
 * Saves the plan a moment after each change, and when the page is left; keeps it in the browser until it is saved, and tries
 * again when the server was away.
 */
export function useSaving(state: PlanState, dispatch: Dispatch<PlanAction>, tab: string): void {
  const busy = useRef(false);
  const latest = useRef(state);
  latest.current = state;
  useEffect(() => storeDrafts(state, tab), [state, tab]);
  const { id, plan, past, future } = state;
  // biome-ignore lint/correctness/useExhaustiveDependencies: only these are kept
  useEffect(() => storeUndo(state), [id, plan, past, future]);
  useEffect(() => {
    const leave = () => {
      const { id, saved, plan, conflict } = latest.current;
      if (busy.current || conflict || !isUnsaved(latest.current)) return;
      api.writeAndLeave(id, saved.revision, plan);
      // Should the page come back: this may have arrived.
      dispatch({ type: "saving", plan });
      dispatch({ type: "away", why: new Away("").kept });
    };
    window.addEventListener("pagehide", leave);
    return () => {
      window.removeEventListener("pagehide", leave);
      leave();
    };
  }, [dispatch]);
  useEffect(() => {
    if (state.others.length > 0 && !isUnsaved(state) && !state.conflict) dispatch({ type: "adopt" });
  }, [state, dispatch]);
  useEffect(() => {
    if (busy.current || state.conflict || !isUnsaved(state)) return;
    const save = async () => {
      busy.current = true;
      dispatch({ type: "saving", plan: state.plan });
      const told = await outcome({ ...latest.current, plan: state.plan });
      busy.current = false;
      dispatch(told);
    };
    // After a refusal only a change is worth another try, and every change comes through here.
    if (state.saving === "refused") return;
    const timer = setTimeout(save, state.saving === "away" ? RETRY_MS : PAUSE_MS);
    return () => clearTimeout(timer);
  }, [state, dispatch]);
}

/** Writes the plan, and says what came of it. */
async function outcome(state: PlanState): Promise<PlanAction> {
  try {
    return { type: "saved", saved: await api.write(state.id, state.saved.revision, state.plan) };
  } catch (error) {
    const current = error instanceof Refused ? error.problem.current : undefined;
    if (current) return { type: "conflict", current, arrived: await arrivedUnheard(state) };
    if (error instanceof Away) return { type: "away", why: error.kept };
    return { type: "refused", why: (error as Error).message };
  }
}

/** The first revision after the one that the edits are based on, when it was sent from here and only its reply was lost. */
async function arrivedUnheard({ id, saved, sent }: PlanState): Promise<{ revision: number; plan: Plan } | undefined> {
  try {
    const next = await api.revision(id, saved.revision + 1);
    return sent.some((plan) => same(plan, next.plan)) ? next : undefined;
  } catch {
    return undefined;
  }
}
