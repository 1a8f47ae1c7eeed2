import { keepPreviousData, type UseQueryResult, useQuery } from "@tanstack/react-query";
import { Away } from "../../api/errors";
import type { Plan } from "../../api/types";
import { usePlan } from "../state/PlanContext";

/** What the server works out of the plan as it is now; the answer before stays until the new one has come. */
export function useOfPlan<T>(what: string, ask: (plan: Plan) => Promise<T>): UseQueryResult<T> {
  const { plan, settled } = usePlan();
  return useQuery({
    queryKey: [what, plan],
    queryFn: () => ask(plan),
    enabled: settled,
    placeholderData: keepPreviousData,
    retry: (_, error) => error instanceof Away,
    retryDelay: 1000,
  });
}
