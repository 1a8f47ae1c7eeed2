import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api } from "../../api/client";
import { Away, Refused } from "../../api/errors";
import type { Assessment, Plan, StageName } from "../../api/types";
import { whyNot } from "../../api/whyNot";

const DEBOUNCE_MS = 50;

/** What a plan comes to and how one stage of it is drawn, worked out at the same time: they are shown together or not at all. */
async function looked(
  plan: Plan,
  id: string,
  stage: string,
  opened: string | null,
  signal: AbortSignal,
): Promise<Assessment> {
  const [assessment, drawn] = await Promise.all([
    api.assess(plan, id, stage, opened, signal),
    api.drawing(plan, id, stage, signal),
  ]);
  const sheet = { ...assessment.stages[stage as StageName], ...drawn };
  return { ...assessment, stages: { ...assessment.stages, [stage]: sheet } as Assessment["stages"] };
}

type Shown = { now: Assessment; of: Plan; stage: string; before: Assessment | null };

/**
 * The assessment of a plan with one stage drawn whole, a moment behind while it is edited; the last answer wins, and the old one stays
 * until then.
 *
 * @param id under which it is stored
 * @param opened the id of what is opened of the stage
 */
export function useAssessment(
  plan: Plan,
  id: string,
  stage: string,
  opened: string | null,
): {
  assessment: Assessment | undefined;
  before: Assessment | null;
  isOfPlan: boolean;
  away: boolean;
  /** Why the server does not take the plan; null where it does. */
  refused: readonly string[] | null;
} {
  const [asked, setAsked] = useState(plan);
  useEffect(() => {
    const timer = setTimeout(() => setAsked(plan), DEBOUNCE_MS);
    return () => clearTimeout(timer);
  }, [plan]);
  const query = useQuery({
    queryKey: ["assess", id, stage, opened, asked],
    queryFn: ({ signal }) => looked(asked, id, stage, opened, signal),
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    retry: (_, error) => error instanceof Away,
    retryDelay: 1000,
  });
  const [shown, setShown] = useState<Shown | null>(null);
  // A plan changed and changed back has the answer that is already shown.
  if (query.data && !query.isPlaceholderData && (query.data !== shown?.now || asked !== shown.of)) {
    // Another stage of the same plan, or another part opened, is no change that a figure could have moved by.
    const same = asked === shown?.of || query.data === shown?.now;
    const before = same ? (shown?.before ?? null) : (shown?.now ?? null);
    setShown({ now: query.data, of: asked, stage, before });
  }
  return {
    assessment: query.data ?? shown?.now,
    before: shown?.before ?? null,
    isOfPlan: shown?.of === plan && shown.stage === stage,
    away: query.failureReason instanceof Away,
    refused: query.error instanceof Refused ? whyNot(query.error) : null,
  };
}
