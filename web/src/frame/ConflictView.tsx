import { Dialog, DialogPanel, DialogTitle } from "@headlessui/react";
import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import type { Plan } from "../api/types";
import { differences, partAt, valueAt } from "../plan/state/edits";
import { usePlan } from "../plan/state/PlanContext";
import { type Place, placeOf, pointerOf } from "../plan/state/parts";
import type { Resolution } from "../plan/state/planState";
import { together } from "../plan/state/planState";
import { allReadings, type SaidReading } from "../plan/state/readingAt";
import { focusSoon } from "../plan/widgets/focus";

/** Two windows have changed the same plan: both states side by side, put together where they can be, and nothing is lost by any choice. */
export function ConflictView() {
  const { state, plan, resolve } = usePlan();
  const theirs = state.conflict?.plan;
  const [mineRead, theirsRead] = [useReadings(theirs && plan), useReadings(theirs)];
  if (!theirs) return null;
  const rows = differences(plan, theirs).slice(0, 40);
  const canMerge = together(state) !== null;
  const goOn = (resolution: Resolution) => {
    resolve(resolution);
    focusSoon("#bench");
  };
  return (
    <Dialog open onClose={() => {}} className="relative z-30">
      <div className="fixed inset-0 bg-ink/40" aria-hidden />
      <div className="fixed inset-0 flex items-center justify-center p-4">
        <DialogPanel className="card card-on flex max-h-[86vh] w-full max-w-2xl flex-col p-5">
          <DialogTitle as="h1">This plan was changed elsewhere.</DialogTitle>
          <p className="my-2 text-ink-2">
            Another window saved revision {state.conflict?.revision} while you were editing.{" "}
            {canMerge
              ? "The changes are to different things and can be combined."
              : "Both changed the same thing, so you have to choose one."}{" "}
            What you do not choose stays among the earlier revisions or in Undo.
          </p>
          <div className="min-h-0 overflow-y-auto">
            <table className="w-full">
              <thead>
                <tr className="label text-left">
                  <th className="py-1 font-[560]">Where they differ</th>
                  <th className="px-3 font-[560]">Here</th>
                  <th className="px-3 font-[560]">There</th>
                </tr>
              </thead>
              <tbody>
                {rows.map((place) => (
                  <tr key={place} className="border-t border-dotted border-rule align-top">
                    <td className="py-1.5">{spoken(place, plan, theirs, { ...theirsRead, ...mineRead })}</td>
                    <td className="px-3 py-1.5 font-[560]">{shown(plan, place, mineRead)}</td>
                    <td className="px-3 py-1.5 font-[560]">{shown(theirs, place, theirsRead)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
          <div className="mt-4 flex flex-wrap gap-2">
            {canMerge && (
              <button type="button" className="go" onClick={() => goOn("both")}>
                Combine both
              </button>
            )}
            <button type="button" className={canMerge ? "plain" : "go"} onClick={() => goOn("mine")}>
              Keep mine
            </button>
            <button type="button" className="plain" onClick={() => goOn("theirs")}>
              Use theirs
            </button>
          </div>
        </DialogPanel>
      </div>
    </Dialog>
  );
}

type SaidReadings = Record<Place, SaidReading>;

/** The readings of a plan, by place. */
function useReadings(plan: Plan | undefined): SaidReadings {
  const query = useQuery({
    queryKey: ["readings", plan],
    queryFn: () => api.readings(plan!),
    enabled: plan !== undefined,
    staleTime: Number.POSITIVE_INFINITY,
  });
  if (!plan || !query.data) return {};
  return Object.fromEntries(allReadings(query.data).map(([pointer, reading]) => [placeOf(plan, pointer), reading]));
}

/** “Tail tank, length, along”: the part's own name and the core's word for the field. */
function spoken(place: Place, mine: Plan, theirs: Plan, readings: SaidReadings): string {
  const part = partAt(place);
  const name = part && (valueAt(mine, `${part}/name`) ?? valueAt(theirs, `${part}/name`));
  if (name && part === place) return String(name);
  const what = readings[place]?.label.toLowerCase() ?? (place.split("/").at(-1) ?? "").replaceAll("_", " ");
  return name ? `${name}, ${what}` : what;
}

function shown(plan: Plan, place: Place, readings: SaidReadings): string {
  if (pointerOf(plan, place) === undefined) return "not there";
  const reading = readings[place];
  if (reading?.text) return `${reading.text} ${reading.symbol}`.trim();
  const value = valueAt(plan, place);
  if (value === undefined) return "not there";
  return typeof value === "object" ? "there" : String(value);
}
