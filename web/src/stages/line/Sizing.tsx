import { useState } from "react";
import { api } from "../../api/client";
import type { SizingOffer } from "../../api/types";
import { useSearch } from "../../plan/server/useSearch";
import { useWhenFound } from "../../plan/server/useWhenFound";
import { usePlan } from "../../plan/state/PlanContext";
import { SearchStatus } from "../../plan/widgets/SearchStatus";

/** What size of pump, vessel, filter and pipe would do: every one that can be had, tried. */
export function Sizing() {
  const [open, setOpen] = useState(false);
  return (
    <section aria-label="Sizes" className="mt-5">
      <button type="button" className="plain" aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? "Close the sizes" : "What size would do?"}
      </button>
      {open && <Tables />}
    </section>
  );
}

function Tables() {
  const { plan, apply } = usePlan();
  const search = useSearch(["sizing"], (asked) => api.lineSizing(plan, asked));
  const fit = useWhenFound(search, (wanted) => {
    const rows = search.found?.tables.flatMap((table) =>
      table.rows.map((row) => ({ of: rowOf(table, row), fix: row.fix })),
    );
    const fix = rows?.find((row) => row.of === wanted)?.fix;
    if (fix) apply(fix);
  });
  return (
    <>
      <SearchStatus search={search} trying="Trying every size" />
      {search.found?.tables.map((table) => (
        <Sizes key={table.id} table={table} onFit={fit} />
      ))}
    </>
  );
}

type Table = SizingOffer["tables"][number];

const rowOf = (table: Table, row: Table["rows"][number]) => `${table.id} ${row.name}`;

function Sizes({ table, onFit }: { table: Table; onFit: (row: string) => void }) {
  return (
    <div className="card relative mt-3 overflow-x-auto p-4">
      <h3 className="text-[15px] font-[620]">{table.title}</h3>
      <p className="text-[13px] text-ink-2">Wanted: {table.wanted}</p>
      <table className="mt-2 w-full text-[13px]">
        <thead>
          <tr className="text-left text-ink-2">
            <th className="py-1 pr-3 font-[560]">Size</th>
            {table.columns.map((column) => (
              <th key={column} className="py-1 pr-3 font-[560] whitespace-nowrap">
                {column}
              </th>
            ))}
            <th className="sr-only">Fit it</th>
          </tr>
        </thead>
        <tbody>
          {table.rows.map((row) => (
            <tr key={row.name} className={`border-t border-dotted border-rule ${row.does ? "" : "text-ink-2"}`}>
              <th scope="row" className={`py-1.5 pr-3 text-left ${row.smallest ? "font-[640]" : "font-[480]"}`}>
                {row.name}
                {row.smallest && <span className="block text-leaf">the smallest that does it</span>}
                {row.present && <span className="block text-rim">in the line now</span>}
              </th>
              {table.columns.map((column, index) => (
                <td key={column} className="py-1.5 pr-3 whitespace-nowrap">
                  {row.cells[index]}
                </td>
              ))}
              <td className="py-1.5 text-right">
                {row.fix && (
                  <button
                    type="button"
                    className="plain small"
                    aria-label={row.fix.label}
                    onClick={() => onFit(rowOf(table, row))}
                  >
                    Fit it
                  </button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
