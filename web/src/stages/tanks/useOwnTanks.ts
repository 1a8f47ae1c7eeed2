import { useQuery } from "@tanstack/react-query";
import { api } from "../../api/client";
import type { OwnTank } from "../../api/types";

export const OWN_TANKS = ["own-tanks"];
const NONE: readonly OwnTank[] = [];

/** The tanks that are kept beside those of the catalogue; none while they are not known. */
export const useOwnTanks = (): readonly OwnTank[] =>
  useQuery({ queryKey: OWN_TANKS, queryFn: api.ownTanks, staleTime: 60_000 }).data ?? NONE;
