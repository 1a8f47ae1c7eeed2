import { useQuery } from "@tanstack/react-query";
import { api } from "../../api/client";
import { Away } from "../../api/errors";
import type { Catalogue } from "../../api/types";

/** What a plan can begin with, and every choice with its words; asked for once. */
export function useCatalogue(): Catalogue | undefined {
  return useQuery({
    queryKey: ["catalogue"],
    queryFn: api.catalogue,
    staleTime: Number.POSITIVE_INFINITY,
    retry: (_, error) => error instanceof Away,
    retryDelay: 1500,
  }).data;
}

/** Every choice of a plan, by its pointer with `*` for a list index. */
export function useChoices(): Catalogue["choices"] {
  return useCatalogue()?.choices ?? {};
}
