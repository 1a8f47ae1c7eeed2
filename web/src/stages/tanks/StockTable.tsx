import { useEffect, useRef, useState } from "react";
import type { StockOffer, StockRow } from "../../api/types";

type Column = { title: string; by: (row: StockRow) => number | string; text: (row: StockRow) => string; seldom?: true };

const COLUMNS: readonly Column[] = [
  { title: "Usable", by: (row) => -row.usable_l, text: (row) => row.usable },
  { title: "Lasts", by: (row) => -(row.days ?? 0), text: (row) => row.days_text, seldom: true },
  { title: "Full", by: (row) => row.kg, text: (row) => row.weight, seldom: true },
  { title: "Worst limit", by: (row) => -row.spare_kg, text: (row) => row.spare },
  { title: "Clearance", by: (row) => -(row.clearance_mm ?? 0), text: (row) => row.clearance, seldom: true },
  { title: "Price", by: (row) => row.price, text: (row) => String(row.price), seldom: true },
];

const FIRST = 8;

type Props = {
  offer: StockOffer;
  chosen: string | null;
  onChoose: (id: string) => void;
  /** By the row's id. */
  onPutIn: (row: string) => void;
};

/** The same in rows, sorted by whatever heading is pressed; a second press turns it round. */
export function StockTable({ offer, chosen, onChoose, onPutIn }: Props) {
  const [sort, setSort] = useState<{ column: Column; down: boolean }>({ column: COLUMNS[0]!, down: false });
  const [all, setAll] = useState(false);
  const at = useRef<HTMLTableRowElement>(null);
  // A point of the drawing that is chosen is looked at in the table.
  // biome-ignore lint/correctness/useExhaustiveDependencies: only when another is chosen
  useEffect(() => {
    at.current?.scrollIntoView({ block: "nearest" });
  }, [chosen]);
  const compare = (a: StockRow, b: StockRow) => {
    const [left, right] = [sort.column.by(a), sort.column.by(b)];
    return (left < right ? -1 : left > right ? 1 : 0) * (sort.down ? -1 : 1);
  };
  const fits = (row: StockRow) => row.patch !== undefined;
  const rows = [...offer.rows.filter(fits).sort(compare), ...offer.rows.filter((row) => !fits(row))];
  const shown = all ? rows : rows.filter((row, index) => index < FIRST || row.id === chosen);
  return (
    <>
      <table className="w-full text-[13px]">
        <thead>
          <tr className="text-left">
            <th scope="col" className="label py-1 font-normal">
              Tank and place
            </th>
            {COLUMNS.map((column) => (
              <th
                key={column.title}
                scope="col"
                aria-sort={sort.column === column ? (sort.down ? "descending" : "ascending") : "none"}
                className={`pl-2 text-right ${column.seldom ? "max-md:hidden" : ""}`}
              >
                <button
                  type="button"
                  className={`label min-h-9 ${sort.column === column ? "text-rim underline" : ""}`}
                  onClick={() => setSort({ column, down: sort.column === column && !sort.down })}
                >
                  {column.title}
                </button>
              </th>
            ))}
            <th>
              <span className="sr-only">Fit it</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {shown.map((row) => (
            <tr
              key={row.id}
              ref={row.id === chosen ? at : undefined}
              className={`border-t border-dotted border-rule ${row.id === chosen ? "bg-ground" : ""}`}
              onPointerDown={() => onChoose(row.id)}
            >
              <th scope="row" className="py-1 text-left font-normal">
                <span className="font-[640]">{row.name}</span>
                {offer.best.includes(row.id) && <span className="text-water"> · nothing beats it</span>}
                <span className="block text-ink-2">
                  {row.size}
                  {row.turned && ", turned"} · {row.where}
                </span>
              </th>
              {COLUMNS.map((column) => (
                <td
                  key={column.title}
                  className={[
                    "pl-2 text-right",
                    column.seldom ? "max-md:hidden" : "",
                    column.title === "Worst limit" && row.patch && row.spare_kg < 0 ? "text-rust" : "",
                  ].join(" ")}
                >
                  {column.text(row)}
                </td>
              ))}
              <td className="pl-2 text-right">
                {row.patch && (
                  <button
                    type="button"
                    className="plain small"
                    aria-label={`Fit it: ${row.name}, ${row.where}`}
                    onClick={() => onPutIn(row.id)}
                  >
                    Fit it
                  </button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {rows.length > FIRST && (
        <button type="button" className="plain mt-2" onClick={() => setAll(!all)}>
          {all ? "Show fewer" : `Show all ${rows.length}`}
        </button>
      )}
    </>
  );
}
