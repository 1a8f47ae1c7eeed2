import { useQueryClient } from "@tanstack/react-query";
import { useId, useState } from "react";
import { Away, api, Refused } from "../../api/client";
import type { Tank } from "../../api/types";
import { usePlan } from "../../plan/PlanContext";
import { OWN_TANKS, useOwnTanks } from "./useOwnTanks";

/** Does something with the tanks of one’s own, and says what came of it. */
function useChange() {
  const queries = useQueryClient();
  const [said, setSaid] = useState({ words: "", refused: false });
  const change = async (doing: () => Promise<unknown>, done: string) => {
    try {
      await doing();
      await queries.invalidateQueries({ queryKey: OWN_TANKS });
      setSaid({ words: done, refused: false });
    } catch (error) {
      if (!(error instanceof Away || error instanceof Refused)) throw error;
      const first = error instanceof Refused ? error.problem.violations?.[0]?.message : undefined;
      setSaid({ words: first ?? error.message, refused: true });
    }
  };
  return [said, change] as const;
}

/** Keeps a tank as it stands, with what it costs, to be tried in other plans too. */
export function KeepTank({ tank }: { tank: Tank }) {
  const { plan } = usePlan();
  const [price, setPrice] = useState("");
  const [{ words, refused }, change] = useChange();
  const id = useId();
  return (
    <form
      className="mt-3 flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void change(() => api.keepOwnTank(tank.id, price, plan), "Kept: it is tried with those of the catalogue now.");
      }}
    >
      <div className="field">
        {" "}
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
          aria-invalid={refused}
          aria-describedby={`${id}-said`}
          onChange={(event) => setPrice(event.target.value)}
        />
      </div>{" "}
      <button type="submit" className="plain small">
        Keep among your own tanks
      </button>
      <span
        id={`${id}-said`}
        role={refused ? "alert" : "status"}
        className={refused ? "refusal" : "text-[13px] text-ink-2"}
      >
        {words}
      </span>
    </form>
  );
}

/** Those that are kept, each of which can be let go. */
export function OwnTanks() {
  const own = useOwnTanks();
  const [{ words }, change] = useChange();
  if (own.length === 0 && !words) return null;
  return (
    <p className="mb-3 flex flex-wrap items-center gap-2 text-[13px] text-ink-2">
      {own.length > 0 && "Your own, tried too:"}
      {own.map((tank) => (
        <button
          key={tank.id}
          type="button"
          className="plain small"
          onClick={() => void change(() => api.removeOwnTank(tank.id), `${tank.name} is no longer kept.`)}
        >
          {tank.name}: let go
        </button>
      ))}
      <span role="status">{words}</span>
    </p>
  );
}
