import { useState } from "react";
import { api } from "../../api/client";
import type { PartsDrawing, Purchase } from "../../api/types";
import { giveFile } from "../../frame/giveFile";
import { Said, useAction } from "../../plan/server/useAction";
import { usePlan } from "../../plan/state/PlanContext";
import { usePurchases } from "../../records/usePurchases";
import { Currency } from "./Currency";
import { ShoppingRow } from "./ShoppingRow";

type Props = { drawing: Pick<PartsDrawing, "shops" | "extra" | "totals"> };

/** Everything to buy, shop by shop, so that one trip is enough; ticked with a thumb, with a connection or without. */
export function ShoppingList({ drawing }: Props) {
  const { shops, extra, totals } = drawing;
  const { plan, state } = usePlan();
  const { purchaseOf, say } = usePurchases(drawing);
  const [said, doIt] = useAction();
  const [hides, setHides] = useState(false);
  if (shops.length === 0) return <p className="text-ink-2">Nothing is needed yet.</p>;
  const rows = shops.flatMap((shop) => shop.rows);
  const bought = (row: (typeof rows)[number]) => (purchaseOf(row.key)?.amount ?? row.have) >= row.needed;
  const csv = () => {
    const give = async () => giveFile(await api.shopping(plan, state.id), "shopping.csv", "text/csv;charset=utf-8");
    return doIt(give, "");
  };
  const take = async (file: File | undefined) => {
    if (!file) return;
    await doIt(async () => {
      for (const { item, name, purchase } of await api.readShopping(await file.text())) {
        const row = rows.find((one) => one.key === item);
        if (!same(purchase, row)) await say(item, row?.name ?? name, purchase);
      }
    }, "Taken in.");
  };
  return (
    <>
      <p className="text-[15px]">{totals}</p>
      <div className="not-printed my-2 flex flex-wrap items-center gap-x-4 gap-y-2">
        <label className="flex min-h-11 items-center gap-2">
          <input type="checkbox" className="size-5" checked={hides} onChange={() => setHides(!hides)} />
          Hide what is bought
        </label>
        <Currency />
        <button type="button" className="plain small" onClick={() => void csv()}>
          Export as CSV
        </button>
        <label className="plain small note-photo-button">
          Import a CSV
          <input
            type="file"
            accept=".csv,text/csv"
            className="sr-only"
            onChange={(event) => {
              void take(event.target.files?.[0]);
              event.target.value = "";
            }}
          />
        </label>
        <Said said={said} />
      </div>
      {shops.map((shop) => {
        const shown = shop.rows.filter((row) => !hides || !bought(row));
        return (
          shown.length > 0 && (
            <section key={shop.name} className="card mb-4 px-4 py-3" aria-label={shop.name}>
              <h3 className="mb-1 font-[640]">{shop.name}</h3>
              <ul className="divide-y divide-rule">
                {shown.map((row) => (
                  <ShoppingRow key={row.key} row={row} purchase={purchaseOf(row.key)} onSay={say} />
                ))}
              </ul>
            </section>
          )
        );
      })}
      <NotNeeded rows={extra.filter((one) => (purchaseOf(one.key)?.amount ?? one.have) > 0)} onSay={say} />
    </>
  );
}

/** Whether a table says nothing new of a row. */
function same(purchase: Purchase, row: PartsDrawing["shops"][number]["rows"][number] | undefined): boolean {
  return (
    row !== undefined &&
    purchase.amount === row.have &&
    (purchase.price ?? null) === (row.own_price ?? null) &&
    (purchase.shop ?? "") === row.bought_at &&
    (purchase.instead ?? "") === row.instead
  );
}

type NotNeededProps = {
  rows: PartsDrawing["extra"];
  onSay: (item: string, name: string, purchase: Purchase) => Promise<void>;
};

/** What was bought and the plan does not need: to be taken back, or kept in the workshop. */
function NotNeeded({ rows, onSay }: NotNeededProps) {
  if (rows.length === 0) return null;
  return (
    <section className="card mb-4 px-4 py-3" aria-label="Bought, and not needed">
      <h3 className="mb-1 font-[640]">Bought, and not needed</h3>
      <ul className="divide-y divide-rule">
        {rows.map((row) => (
          <li key={row.key} className="flex flex-wrap items-center gap-3 py-2">
            <span className="tabular-nums">{row.have}</span>
            <span className="min-w-0 flex-1 font-[560]">{row.name}</span>
            <button
              type="button"
              className="plain small not-printed"
              onClick={() => void onSay(row.key, row.name, { amount: 0 })}
            >
              Taken back
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
