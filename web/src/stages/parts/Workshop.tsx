import { type FormEvent, useId, useState } from "react";
import type { PartsDrawing } from "../../api/types";
import { usePlan } from "../../plan/state/PlanContext";
import { useSay } from "../../records/useSay";
import { inMetres, inUnit } from "./lengths";
import { readNumber } from "./readNumber";

const MOST = 20;

/** What is left of this sort of pipe in the workshop: it is cut from before anything is bought. */
export function Workshop({ card }: { card: PartsDrawing["cuts"][number] }) {
  const { plan } = usePlan();
  const { waiting, say } = useSay();
  const unit = plan.units.length;
  const unsent = waiting("offcuts", card.key)?.offcuts?.lengths_m;
  const now = (unsent ?? card.offcuts).map((metres) => inUnit(metres, unit)).join("  ");
  const [typed, setTyped] = useState<string | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const id = useId();
  const save = async (event: FormEvent) => {
    event.preventDefault();
    const words = (typed ?? now).split(/[\s;]+/).filter((word) => word !== "");
    const metres = words.map((word) => inMetres(readNumber(word) ?? 0, unit));
    const wrong = words.find((_, index) => metres[index]! < 0.05 || metres[index]! > 100);
    setRefused(wrong ?? (words.length > MOST ? (typed ?? "") : null));
    if (wrong !== undefined || words.length > MOST) return;
    await say("offcuts", card.key, card.name, { offcuts: { lengths_m: metres } });
    setTyped(null);
  };
  return (
    <form className="not-printed flex flex-wrap items-end gap-2 py-2" onSubmit={(event) => void save(event)} noValidate>
      <div className="field grow">
        <label htmlFor={id} className="label">
          In the workshop, in {unit}
        </label>
        <input
          id={id}
          type="text"
          inputMode="decimal"
          className="w-full max-w-md"
          placeholder="none"
          maxLength={200}
          value={typed ?? now}
          aria-invalid={refused !== null}
          aria-describedby={refused === null ? undefined : `${id}-refused`}
          onChange={(event) => setTyped(event.target.value)}
        />
      </div>
      {typed !== null && (
        <button type="submit" className="go">
          Save
        </button>
      )}
      {unsent && typed === null && <p className="text-[13px] text-brass">Not sent yet.</p>}
      {refused !== null && (
        <p id={`${id}-refused`} role="alert" className="refusal basis-full">
          “{refused}” is not understood. Write up to {MOST} lengths with blanks between them, each from 50 mm to 100 m,
          for example {unit === "mm" ? "2400 800" : "96 31.5"}.
        </p>
      )}
    </form>
  );
}
