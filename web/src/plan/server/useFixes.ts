import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api } from "../../api/client";
import { Away } from "../../api/errors";
import type { Finding, Fix, StageName } from "../../api/types";
import { usePlan } from "../state/PlanContext";

const PAUSE_MS = 150;

/**
 * What clears the findings of a stage. To try it all takes the server longer than the assessment, so it is asked for when the hand
 * rests; until it has come the fixes before stay where they were, and cannot be pressed.
 */
export function useFixes(stage: StageName): {
  fixesOf: (finding: Finding) => readonly Fix[];
  proven: boolean;
  /** Why not every fix was tried, or could not be; null where all were. */
  stopped: string | null;
} {
  const { plan, state, assessment, settled } = usePlan();
  const [asked, setAsked] = useState(plan);
  useEffect(() => {
    if (!settled) return;
    const timer = setTimeout(() => setAsked(plan), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [plan, settled]);
  const query = useQuery({
    queryKey: ["fixes", state.id, stage, asked],
    queryFn: ({ signal }) => api.fixes(asked, state.id, stage, signal),
    enabled: settled && asked === plan && assessment.findings.some((finding) => finding.stage === stage),
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    retry: (_, error) => error instanceof Away,
    retryDelay: 1000,
  });
  return {
    fixesOf: (finding) => query.data?.found.find((one) => one.key === finding.key)?.fixes ?? [],
    proven: settled && asked === plan && query.isSuccess && !query.isPlaceholderData,
    stopped: query.isError ? query.error.message : (query.data?.stopped ?? null),
  };
}
