import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import { Away } from "../api/errors";
import { useKept } from "../offline/kept";
import { usePlan } from "../plan/state/PlanContext";
import { type Counted, counting } from "./counting";
import { useRecords } from "./RecordsContext";

type Notes = {
  notes: readonly Counted[];
  /** How many the server has, on all pages. */
  total: number;
  /** Whether those of other devices may be missing, because the server is away. */
  away: boolean;
  reading: boolean;
};

/**
 * The notes of the plan that count, the latest first.
 *
 * @param part the id of what they are about; of everything when it is null
 * @param words that they hold
 */
export function useNotes(part: string | null, words = "", page = 0): Notes {
  const { state } = usePlan();
  const { unsent } = useRecords();
  const kept = useKept();
  const asked = useQuery({
    queryKey: ["records", state.id, part, words, page],
    queryFn: () => api.records(state.id, part, words, page),
    placeholderData: keepPreviousData,
    refetchOnMount: "always",
    retry: (_, error) => error instanceof Away,
    retryDelay: 3000,
  });
  const isHere = (text: string) => text.toLowerCase().includes(words.toLowerCase());
  const own = unsent.filter(
    ({ plan, record }) =>
      plan === state.id &&
      record.kind === "note" &&
      (part === null || record.part === part) &&
      // What takes another’s place hides that one, whatever it says.
      (record.replaces !== undefined || (page === 0 && isHere(record.note?.text ?? ""))),
  );
  return {
    notes: counting(asked.data?.records ?? [], own),
    total: asked.data?.total ?? 0,
    away: kept || asked.failureReason instanceof Away,
    reading: asked.isPending && !asked.failureReason,
  };
}
