import { useEffect, useRef, useState } from "react";
import { usePlan } from "../state/PlanContext";
import type { Search } from "./useSearch";

/**
 * Does something with a row of what a search has found: at once where it was found for the plan as it is now, otherwise with the row of that name
 * that the search then finds. Gives a function to want something of a row.
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
