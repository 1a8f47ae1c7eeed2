import { type FormEvent, useId, useState } from "react";
import type { Purchase } from "../../api/types";
import { readNumber } from "./readNumber";
import type { Row } from "./ShoppingRow";

type Props = {
  row: Row;
  purchase: Purchase;
  onSay: (purchase: Purchase) => Promise<void>;
  onDone: () => void;
};

/** No more is taken. */
const MOST = { amount: 10_000, price: 1_000_000 };
const FIELDS = ["amount", "price", "shop", "instead"] as const;
type Field = (typeof FIELDS)[number];

/** How much of a row is bought, for how much each, where, and whether it was something else. */
export function PurchaseForm({ row, purchase, onSay, onDone }: Props) {
  const id = useId();
  const [typed, setTyped] = useState<Record<Field, string>>({
    amount: purchase.amount === 0 ? "" : `${purchase.amount}`,
    price: purchase.price == null ? "" : `${purchase.price}`,
    shop: purchase.shop ?? "",
    instead: purchase.instead ?? "",
  });
  const [refused, setRefused] = useState<Field | null>(null);
  const labels: Record<Field, string> = {
    amount: `Bought, of ${row.needed}`,
    price: "Your price for one",
    shop: "Your shop",
    instead: "Bought instead",
  };
  const save = async (event: FormEvent) => {
    event.preventDefault();
    const wrong = (["amount", "price"] as const).find(
      (one) => typed[one].trim() !== "" && (readNumber(typed[one]) ?? Number.POSITIVE_INFINITY) > MOST[one],
    );
    setRefused(wrong ?? null);
    if (wrong) return;
    const price = readNumber(typed.price);
    await onSay({
      amount: readNumber(typed.amount) ?? 0,
      ...(price !== null && { price }),
      ...(typed.shop.trim() && { shop: typed.shop.trim() }),
      ...(typed.instead.trim() && { instead: typed.instead.trim() }),
    });
    onDone();
  };
  return (
    <form className="purchase-form" onSubmit={(event) => void save(event)} noValidate>
      {FIELDS.map((one) => (
        <div key={one} className="field">
          <label htmlFor={`${id}-${one}`} className="label">
            {labels[one]}
          </label>
          <input
            id={`${id}-${one}`}
            type="text"
            inputMode={one === "amount" || one === "price" ? "decimal" : "text"}
            className="w-full"
            maxLength={one === "instead" ? 120 : 80}
            placeholder={one === "instead" ? "its name in the catalogue" : undefined}
            value={typed[one]}
            aria-invalid={refused === one}
            aria-describedby={refused === one ? `${id}-refused` : undefined}
            onChange={(event) => setTyped({ ...typed, [one]: event.target.value })}
          />
          {refused === one && (
            <p id={`${id}-refused`} role="alert" className="refusal">
              “{typed[one]}” is not understood. Write a number from 0 to {one === "amount" ? "10 000" : "1 000 000"},
              for example {one === "amount" ? "3" : "12.50"}.
            </p>
          )}
        </div>
      ))}
      <div className="flex flex-wrap gap-2">
        <button type="submit" className="go">
          Save
        </button>
        <button type="button" className="plain" onClick={onDone}>
          Cancel
        </button>
      </div>
    </form>
  );
}
