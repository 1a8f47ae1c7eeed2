import { useState } from "react";
import { api } from "../../api/client";
import { useOfPlan } from "../../plan/server/useOfPlan";

/** What each outlet gives while any other one runs too. */
export function Pairs() {
  const [open, setOpen] = useState(false);
  return (
    <section aria-label="Two taps at the same time" className="mt-3">
      <button type="button" className="plain" aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? "Close pairs" : "Two taps at the same time?"}
      </button>
      {open && <Table />}
    </section>
  );
}

function Table() {
  const query = useOfPlan("pairs", api.linePairs);
  const rows = query.data?.rows ?? [];
  return (
    <>
      <p role="status" className="mt-1 text-[13px] text-ink-2">
        {query.isPending && "Working out every pair …"}
      </p>
      {rows.length > 0 && (
        <div className="card mt-1 overflow-x-auto p-4">
          <table className="w-full text-[13px]">
            <thead>
              <tr className="text-left text-ink-2">
                <th className="py-1 pr-3 font-[560]">What flows at</th>
                {rows.map((row) => (
                  <th key={row.name} scope="col" className="py-1 pr-3 text-right font-[560]">
                    with {row.name}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map((row) => (
                <tr key={row.name} className="border-t border-dotted border-rule">
                  <th scope="row" className="py-1.5 pr-3 text-left align-baseline font-[560]">
                    {row.name}
                  </th>
                  {row.with.map((cell, index) => (
                    <td
                      key={rows[index]?.name}
                      className={`py-1.5 pr-3 text-right align-baseline whitespace-nowrap ${cell.enough ? "" : "font-[640] text-rust"}`}
                    >
                      {cell.flow}
                      {rows[index]?.name === row.name && <span className="block font-[400] text-ink-2">alone</span>}
                      {!cell.enough && <span className="block font-[400]">too little</span>}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </>
  );
}
