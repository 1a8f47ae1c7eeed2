import { Dialog, DialogPanel, DialogTitle } from "@headlessui/react";
import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import type { Assessment, Plan } from "../api/types";
import { differences, partAt, valueAt } from "../plan/edits";
import { usePlan } from "../plan/PlanContext";
import { together } from "../plan/planState";

/** Two windows have changed the same plan: both states side by side, put together where they can be, and nothing is lost by any choice. */
export function ConflictView() {
  const { state, plan, resolve } = usePlan();
  const theirs = state.conflict?.plan;
  const [mineRead, theirsRead] = [useReadings(theirs && plan), useReadings(theirs)];
  if (!theirs) return null;
  const rows = differences(plan, theirs).slice(0, 40);
  const canMerge = together(state) !== null;
  return (
    <Dialog open onClose={() => {}} className="relative z-30">
      <div className="fixed inset-0 bg-ink/40" aria-hidden />
      <div className="fixed inset-0 flex items-center justify-center p-4">
        <DialogPanel className="card card-on flex max-h-[86vh] w-full max-w-2xl flex-col p-5">
          <DialogTitle as="h1">This plan was changed elsewhere.</DialogTitle>
          <p className="my-2 text-ink-2">
            Another window saved revision {state.conflict?.revision} while you were editing.{" "}
            {canMerge
              ? "The changes are in different places and go together."
              : "Both changed the same place, so one of them has to give way."}{" "}
            Whatever is left stays among the earlier revisions or in Undo.
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
                {rows.map((pointer) => (
                  <tr key={pointer} className="border-t border-dotted border-rule align-top">
                    <td className="py-1.5">{spoken(pointer, plan, theirs)}</td>
                    <td className="px-3 py-1.5 font-[560]">{shown(plan, pointer, mineRead)}</td>
                    <td className="px-3 py-1.5 font-[560]">{shown(theirs, pointer, theirsRead)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
          <div className="mt-4 flex flex-wrap gap-2">
            {canMerge && (
              <button type="button" className="go" onClick={() => resolve("both")}>
                Put both together
              </button>
            )}
            <button type="button" className={canMerge ? "plain" : "go"} onClick={() => resolve("mine")}>
              Go on with mine
            </button>
            <button type="button" className="plain" onClick={() => resolve("theirs")}>
              Take theirs
            </button>
          </div>
        </DialogPanel>
      </div>
    </Dialog>
  );
}

function useReadings(plan: Plan | undefined): Assessment["readings"] {
  const query = useQuery({
    queryKey: ["assess", plan],
    queryFn: () => api.assess(plan!),
    enabled: plan !== undefined,
    staleTime: Number.POSITIVE_INFINITY,
  });
  return query.data?.readings ?? {};
}

/** “Tail tank, length”: the part's own name and the last word of the key, without its unit. */
function spoken(pointer: string, mine: Plan, theirs: Plan): string {
  const keys = pointer.split("/").slice(1);
  const part = partAt(pointer);
  const name = part && (valueAt(mine, `${part}/name`) ?? valueAt(theirs, `${part}/name`));
  const last = (keys.at(-1) ?? "").replace(/_(mm|m|kg|l|lpm)$/, "").replaceAll("_", " ");
  return name ? (part === pointer ? String(name) : `${name}, ${last}`) : keys.slice(0, -1).concat(last).join(", ");
}

function shown(plan: Plan, pointer: string, readings: Assessment["readings"]): string {
  const reading = readings[pointer];
  if (reading) return `${reading.text} ${reading.symbol}`.trim();
  const value = valueAt(plan, pointer);
  if (value === undefined) return "not there";
  return typeof value === "object" ? "there" : String(value);
}
