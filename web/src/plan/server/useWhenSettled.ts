import { useEffect, useRef, useState } from "react";
import { usePlan } from "../state/PlanContext";

/**
 * Does something that the assessment has to be true for: at once where it is of the plan as it is now, otherwise as soon
 * as it has come. Gives what is still wanted, and a function to want something.
 */
export function useWhenSettled<T>(act: (what: T) => void): [T | undefined, (what: T) => void] {
  const { settled } = usePlan();
  const [wanted, setWanted] = useState<{ what: T }>();
  const latest = useRef(act);
  latest.current = act;
  useEffect(() => {
    if (!wanted || !settled) return;
    setWanted(undefined);
    latest.current(wanted.what);
  }, [wanted, settled]);
  return [wanted?.what, (what) => setWanted({ what })];
}
