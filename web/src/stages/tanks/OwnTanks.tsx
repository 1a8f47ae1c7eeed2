import { useId, useState } from "react";
import { api } from "../../api/client";
import type { Tank } from "../../api/types";
import { Said, useAction } from "../../plan/server/useAction";
import { usePlan } from "../../plan/state/PlanContext";
import { OWN_TANKS, useOwnTanks } from "./useOwnTanks";

/** Keeps a tank as it is now, with what it costs, to be tried in other plans too. */
export function KeepTank({ tank }: { tank: Tank }) {
  const { plan } = usePlan();
  const [price, setPrice] = useState("");
  const [said, change] = useAction(OWN_TANKS);
  const id = useId();
  return (
    <form
      className="mt-3 flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void change(() => api.keepOwnTank(tank.id, price, plan), "Saved: it is now tried with the catalogue’s tanks.");
      }}
    >
      <div className="field">
        <label htmlFor={id} className="label">
          Price, if known
        </label>
        <input
          id={id}
          className="w-[8ch] text-right"
          type="text"
          inputMode="decimal"
          autoComplete="off"
          value={price}
          placeholder="none"
          aria-invalid={said.refused}
          aria-describedby={`${id}-said`}
          onChange={(event) => setPrice(event.target.value)}
        />
      </div>
      <button type="submit" className="plain small">
        Save as your own tank
      </button>
      <Said id={`${id}-said`} said={said} />
    </form>
  );
}

/** Those that are kept, each of which can be let go. */
export function OwnTanks() {
  const own = useOwnTanks();
  const [said, change] = useAction(OWN_TANKS);
  if (own.length === 0 && said.words.length === 0) return null;
  return (
    <div className="mb-3 flex flex-wrap items-center gap-2 text-[13px] text-ink-2">
      {own.length > 0 && "Your own tanks, tried too:"}
      {own.map((tank) => (
        <button
          key={tank.id}
          type="button"
          className="plain small"
          onClick={() => void change(() => api.removeOwnTank(tank.id), `${tank.name} is removed from your own.`)}
        >
          {tank.name}: remove
        </button>
      ))}
      <Said said={said} />
    </div>
  );
}
