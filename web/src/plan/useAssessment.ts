import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Away, api } from "../api/client";
import type { Assessment, Plan, StageName } from "../api/types";

const DEBOUNCE_MS = 50;

/** What a plan comes to and how one stage of it is drawn, worked out at the same time: they are shown together or not at all. */
async function looked(plan: Plan, stage: string, signal: AbortSignal): Promise<Assessment> {
  const [assessment, drawn] = await Promise.all([api.assess(plan, stage, signal), api.drawing(plan, stage, signal)]);
  const sheet = { ...assessment.stages[stage as StageName], ...drawn };
  return { ...assessment, stages: { ...assessment.stages, [stage]: sheet } as Assessment["stages"] };
}

/** The assessment of a plan with one stage drawn whole, a moment behind while it is edited; the last answer wins, and the old one stays until then. */
export function useAssessment(
  plan: Plan,
  stage: string,
): {
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
    queryKey: ["assess", stage, asked],
    queryFn: ({ signal }) => looked(asked, stage, signal),
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    retry: (_, error) => error instanceof Away,
    retryDelay: 1000,
  });
  const [shown, setShown] = useState<{ now: Assessment | undefined; of: Plan; before: Assessment | null }>({
    now: undefined,
    of: plan,
    before: null,
  });
  if (query.data && !query.isPlaceholderData && query.data !== shown.now) {
    // Another stage of the same plan is no change that a figure could have moved by.
    setShown({ now: query.data, of: asked, before: asked === shown.of ? shown.before : (shown.now ?? null) });
  }
  return {
    assessment: query.data ?? shown.now,
    before: shown.before,
    settled: asked === plan && !query.isPlaceholderData && query.isSuccess,
  };
}
