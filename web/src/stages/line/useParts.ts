import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api } from "../../api/client";
import type { PartCatalogue } from "../../api/types";
import { usePlan } from "../../plan/state/PlanContext";

const NONE: PartCatalogue = { parts: [], pipes: [] };

/** The parts and pipes that can be had; none while they are not known. */
export function useParts(): PartCatalogue {
  const { units } = usePlan().plan;
  const query = useQuery({
    queryKey: ["parts", units],
    queryFn: () => api.parts(units),
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
  });
  return query.data ?? NONE;
}
