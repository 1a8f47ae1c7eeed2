import { useQuery } from "@tanstack/react-query";
import { api } from "../../api/client";
import type { PartCatalogue } from "../../api/types";

const NONE: PartCatalogue = { parts: [], pipes: [] };

/** The parts and pipes that can be had; none while they are not known. */
export const useParts = (): PartCatalogue =>
  useQuery({ queryKey: ["parts"], queryFn: api.parts, staleTime: Number.POSITIVE_INFINITY }).data ?? NONE;
