import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Away, api } from "../api/client";
import type { Assessment, Plan } from "../api/types";

const DEBOUNCE_MS = 50;

/** The assessment of a plan, a moment behind while it is edited; the last answer wins, and the old one stays until then. */
export function useAssessment(plan: Plan): {
  assessment: Assessment | undefined;
  before: Assessment | null;
  settled: boolean;
} {
  const [asked, setAsked] = useState(plan);
  useEffect(() => {
    const timer = setTimeout(() => setAsked(plan), DEBOUNCE_MS);
    return () => clearTimeout(timer);
  }, [plan]);
  const query = useQuery({
    queryKey: ["assess", asked],
    queryFn: ({ signal }) => api.assess(asked, signal),
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    retry: (_, error) => error instanceof Away,
    retryDelay: 1000,
  });
  const [shown, setShown] = useState<{ now: Assessment | undefined; before: Assessment | null }>({
    now: undefined,
    before: null,
  });
  if (query.data && query.data !== shown.now) setShown({ now: query.data, before: shown.now ?? null });
  return {
    assessment: query.data ?? shown.now,
    before: shown.before,
    settled: asked === plan && !query.isPlaceholderData && query.isSuccess,
  };
}
