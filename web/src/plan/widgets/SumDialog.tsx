import { DialogTitle } from "@headlessui/react";
import { api } from "../../api/client";
import { Away } from "../../api/errors";
import type { Figure } from "../../api/types";
import { useOfPlan } from "../server/useOfPlan";
import { usePlan } from "../state/PlanContext";
import { OverPage } from "./OverPage";

/** The sum behind a figure: what went in, the formula, where it comes from. */
export function SumDialog({ of, onClose }: { of: string | Figure | null; onClose: () => void }) {
  const { assessment } = usePlan();
  const figure = typeof of === "string" ? assessment.figures[of] : of;
  return (
    <OverPage open={!!figure} onClose={onClose} className="max-h-full max-w-md">
      {figure && (
        <>
          <DialogTitle className="label">{figure.label}</DialogTitle>
          <p className="big my-1 text-water">{figure.text}</p>
          {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a long sum is scrolled with the keyboard */}
          <section className="min-h-0 overflow-y-auto" aria-label="How it comes about" tabIndex={0}>
            <SumOf figure={figure} />
          </section>
          <div className="mt-4 flex justify-end">
            <button type="button" className="plain" onClick={onClose} data-autofocus>
              Close
            </button>
          </div>
        </>
      )}
    </OverPage>
  );
}

function SumOf({ figure }: { figure: Figure }) {
  const { openSum, goTo } = usePlan();
  const query = useOfPlan("sums", api.sums);
  const sum = query.data?.[figure.id];
  if (!sum) {
    return (
      <p role="status" className="my-4 text-ink-2">
        {query.error?.message ??
          (query.failureReason instanceof Away ? "The sum appears when the server answers again." : "Working it out …")}
      </p>
    );
  }
  return (
    <>
      <p className="text-ink-2">= {sum.formula}</p>
      <table className="my-4 w-full">
        <tbody>
          {sum.inputs.map((input) => (
            <tr key={input.symbol} className="border-b border-dotted border-rule">
              <th scope="row" className="py-1.5 pr-3 text-left font-normal">
                {input.label}
              </th>
              <td className="py-1.5 text-right font-[560]">{input.text}</td>
              <td className="w-24 py-1 pl-3 text-right">
                {input.assumed && <span className="text-[13px] text-brass">assumed</span>}
                {input.figure && (
                  <button type="button" className="quiet" onClick={() => openSum(input.figure!)}>
                    its sum
                  </button>
                )}
                {input.pointer && (
                  <button type="button" className="quiet" onClick={() => goTo(input.pointer!)}>
                    change
                  </button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {sum.note && <p className="mb-2 text-sm">{sum.note}</p>}
      <p className="text-sm text-ink-2">
        {sum.units} {sum.source}
      </p>
    </>
  );
}
