import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Away, api, Refused } from "../../api/client";
import type { Tank } from "../../api/types";
import { usePlan } from "../../plan/PlanContext";
import { OWN_TANKS, useOwnTanks } from "./useOwnTanks";

/** Does something with the tanks of one’s own, and says what came of it. */
function useChange() {
  const queries = useQueryClient();
  const [words, setWords] = useState("");
  const change = async (doing: () => Promise<unknown>, done: string) => {
    try {
      await doing();
      await queries.invalidateQueries({ queryKey: OWN_TANKS });
      setWords(done);
    } catch (error) {
      if (!(error instanceof Away || error instanceof Refused)) throw error;
      setWords(error instanceof Refused ? (error.problem.violations?.[0]?.message ?? error.message) : error.message);
    }
  };
  return [words, change] as const;
}

/** Keeps a tank as it stands, to be tried in other plans too. */
export function KeepTank({ tank }: { tank: Tank }) {
  const { plan } = usePlan();
  const [words, change] = useChange();
  return (
    <p className="mt-3 flex flex-wrap items-center gap-2">
      <button
        type="button"
        className="plain small"
        onClick={() =>
          void change(() => api.keepOwnTank(tank.id, plan), "Kept: it is tried with those of the catalogue now.")
        }
      >
        Keep among your own tanks
      </button>
      <span role="status" className="text-[13px] text-ink-2">
        {words}
      </span>
    </p>
  );
}

/** Those that are kept, each of which can be let go. */
export function OwnTanks() {
  const own = useOwnTanks();
  const [words, change] = useChange();
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
