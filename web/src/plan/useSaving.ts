import { type Dispatch, useEffect, useRef } from "react";
import { Away, api, Refused } from "../api/client";
import { keepHere } from "./keptHere";
import { isUnsaved, type PlanAction, type PlanState } from "./planState";

const PAUSE_MS = 500;
const RETRY_MS = 1500;

/** Saves the plan a moment after each change, and when the page is left; keeps it in the browser until it is saved, and tries again when the server was away. */
export function useSaving(state: PlanState, dispatch: Dispatch<PlanAction>): void {
  const busy = useRef(false);
  const latest = useRef(state);
  latest.current = state;
  useEffect(() => keepHere(state), [state]);
  useEffect(() => {
    const leave = () => {
      const { id, saved, plan, conflict } = latest.current;
      if (!busy.current && !conflict && isUnsaved(latest.current)) api.writeAndLeave(id, saved.revision, plan);
    };
    window.addEventListener("pagehide", leave);
    return () => {
      window.removeEventListener("pagehide", leave);
      leave();
    };
  }, []);
  useEffect(() => {
    if (busy.current || state.conflict || !isUnsaved(state)) return;
    const save = async () => {
      busy.current = true;
      dispatch({ type: "saving" });
      try {
        const saved = await api.write(state.id, state.saved.revision, state.plan);
        busy.current = false;
        dispatch({ type: "saved", saved });
      } catch (error) {
        busy.current = false;
        const problem = error instanceof Refused ? error.problem : undefined;
        if (problem?.current) dispatch({ type: "conflict", current: problem.current });
        else if (error instanceof Away) dispatch({ type: "away" });
        else dispatch({ type: "refused", why: (error as Error).message });
      }
    };
    // After a refusal only a change is worth another try, and every change comes through here.
    if (state.saving === "refused") return;
    const timer = setTimeout(save, state.saving === "away" ? RETRY_MS : PAUSE_MS);
    return () => clearTimeout(timer);
  }, [state, dispatch]);
}
