import { useEffect, useRef } from "react";
import { api } from "../api/client";
import { usePlan } from "../plan/state/PlanContext";
import { isUnsaved } from "../plan/state/planState";
import { useStages } from "../plan/state/useStages";
import { useKept } from "./kept";

const QUIET_MS = 4000;
const AGAIN_MS = 5000;

/** Has this device keep the plan as it is saved, with every stage, a while after the last edit: to be looked at without a connection. */
export function useKeeping(): void {
  const { state } = usePlan();
  const stages = useStages();
  const names = stages.map((stage) => stage.name).join(" ");
  const unsaved = isUnsaved(state);
  // biome-ignore lint/correctness/useExhaustiveDependencies: each revision once, when it is saved
  useEffect(() => {
    if (unsaved || !navigator.serviceWorker?.controller) return;
    const leave = new AbortController();
    const timer = setTimeout(() => void keep(state.id, names.split(" "), leave.signal).catch(() => {}), QUIET_MS);
    return () => {
      clearTimeout(timer);
      leave.abort();
    };
  }, [state.id, state.saved.revision, unsaved, names]);
}

/** While the server is away, looks whether it is back; then the plan goes on as it was saved meanwhile, unless it was edited here. */
export function useReturn(): void {
  const work = usePlan();
  const kept = useKept();
  const latest = useRef(work);
  latest.current = work;
  const wasKept = useRef(false);
  useEffect(() => {
    const look = async () => {
      const saved = await api.read(latest.current.state.id);
      const { state, uncounted, restored } = latest.current;
      if (saved.revision > state.saved.revision && !isUnsaved(state) && uncounted === 0)
        restored(saved, "what was saved elsewhere");
    };
    const lookAgain = () => void look().catch(() => {});
    // Another reply may have come first: then the plan is asked for once more.
    if (!kept && wasKept.current) lookAgain();
    wasKept.current = kept;
    if (!kept) return;
    const again = setInterval(lookAgain, AGAIN_MS);
    return () => clearInterval(again);
  }, [kept]);
}

/** Asks for the plan, and for each stage of it, one after another: nobody waits for it. */
async function keep(id: string, stages: readonly string[], signal: AbortSignal): Promise<void> {
  const { plan } = await api.read(id);
  for (const stage of stages) {
    if (signal.aborted) return;
    await api.keepStage(id, plan, stage, signal);
  }
}
