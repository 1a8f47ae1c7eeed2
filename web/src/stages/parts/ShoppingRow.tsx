import { useEffect, useId, useRef, useState } from "react";
import type { PartsDrawing, Purchase } from "../../api/types";
import { PurchaseForm } from "./PurchaseForm";

export type Row = PartsDrawing["shops"][number]["rows"][number];
type Props = {
  row: Row;
  /** What is said of it on this device, before the server counts it in. */
  purchase: Purchase | undefined;
  onSay: (item: string, name: string, purchase: Purchase) => Promise<void>;
};

/** What is known of buying a row. */
const purchased = (row: Row, said: Purchase | undefined): Purchase =>
  said ?? {
    amount: row.have,
    ...(row.own_price != null && { price: row.own_price }),
    ...(row.bought_at && { shop: row.bought_at }),
    ...(row.instead && { instead: row.instead }),
  };

/** A line of the shopping list: a tick for all of it, and behind its name how much, for how much, and where. */
export function ShoppingRow({ row, purchase, onSay }: Props) {
  const [open, setOpen] = useState(false);
  const box = useRef<HTMLInputElement>(null);
  const id = useId();
  const now = purchased(row, purchase);
  const all = now.amount >= row.needed;
  const some = now.amount > 0 && !all;
  useEffect(() => {
    if (box.current) box.current.indeterminate = some;
  }, [some]);
  const say = (next: Purchase) => onSay(row.key, row.name, next);
  return (
    <li className="shopping-row" data-bought={all || undefined}>
      <label className="shopping-tick">
        <input
          ref={box}
          type="checkbox"
          checked={all}
          aria-label={`Bought: ${row.name}`}
          onChange={() => void say({ ...now, amount: all ? 0 : row.needed })}
        />
      </label>
      <span className="font-[640] tabular-nums">
        {row.amount}
        {some && <span className="block text-[13px] font-normal text-brass">{now.amount} bought</span>}
      </span>
      <div className="min-w-0">
        <button
          type="button"
          className="shopping-name"
          aria-expanded={open}
          aria-controls={id}
          onClick={() => setOpen(!open)}
        >
          {row.name}
        </button>
        {row.assumed && <span className="text-[13px] text-brass">, length assumed</span>}
        {row.why && <span className="block text-[13px] text-ink-2">{row.why}</span>}
        {now.instead && <span className="block text-[13px] text-brass">Bought instead: {now.instead}</span>}
        <div id={id}>{open && <PurchaseForm row={row} purchase={now} onSay={say} onDone={() => setOpen(false)} />}</div>
      </div>
      <span className="text-right text-[13px] tabular-nums">
        <span className={row.own ? "" : "text-ink-2"}>{row.price && !row.own ? `~${row.price}` : row.price}</span>
        {row.weight && <span className="block text-ink-2">{row.weight}</span>}
      </span>
    </li>
  );
}
