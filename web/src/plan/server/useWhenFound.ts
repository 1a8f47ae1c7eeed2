import { useEffect, useRef, useState } from "react";
import { usePlan } from "../state/PlanContext";
import type { Search } from "./useSearch";

/**
 * Acts on a row of a search: at once if the search is of the plan as it is now, otherwise on the same row once the search has caught up.
 * Returns the function to call with the row's name.
 */
export function useWhenFound(search: Search<unknown>, act: (row: string) => void): (row: string) => void {
  const { settled } = usePlan();
  const [wanted, want] = useState<string>();
  const latest = useRef(act);
  latest.current = act;
  const isFound = settled && !search.isSearching;
  useEffect(() => {
    if (wanted === undefined || !isFound) return;
    want(undefined);
    latest.current(wanted);
  }, [wanted, isFound]);
  return want;
}
