import { keepPreviousData, type QueryKey, useQuery } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { type Asked, api } from "../../api/client";
import { Away } from "../../api/errors";
import type { Progress, Searched } from "../../api/searched";
import { usePlan } from "../state/PlanContext";

/** What can be said of a search, and done about it. */
export type Search<T> = {
  found: T | undefined;
  /** Why not all was tried; null where all was. */
  stopped: string | null;
  /** Null until it has begun: another one may be before it. */
  progress: Progress | null;
  isSearching: boolean;
  /** Why it came to nothing. */
  failed: string | null;
  /** Has it end with what it has found. */
  stop: () => void;
  again: () => void;
};

/**
 * Searches with the plan as it is now. What was found before stays until it has ended; a plan changed meanwhile ends it, and another begins.
 *
 * @param key what else the search goes by
 */
export function useSearch<T>(key: QueryKey, ask: (asked: Asked) => Promise<Searched<T>>): Search<T> {
  const { plan, settled } = usePlan();
  const [progress, setProgress] = useState<Progress | null>(null);
  const running = useRef("");
  const query = useQuery({
    queryKey: [...key, plan],
    queryFn: ({ signal }) => {
      running.current = crypto.randomUUID();
      setProgress(null);
      return ask({ search: running.current, signal, onProgress: setProgress });
    },
    enabled: settled,
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    // Only what has not begun is asked for again.
    retry: (_, error) => error instanceof Away,
    retryDelay: 1000,
  });
  return {
    found: query.data?.found,
    stopped: query.isPlaceholderData ? null : (query.data?.stopped ?? null),
    progress,
    isSearching: query.isFetching,
    failed: query.isError ? query.error.message : null,
    stop: () => void api.stopSearch(running.current).catch(() => {}),
    again: () => void query.refetch(),
  };
}
