import { keepPreviousData, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Away, api } from "../../api/client";
import type { StockRow } from "../../api/types";
import { Choice } from "../../fields/Choice";
import { usePlan } from "../../plan/state/PlanContext";
import { OwnTanks } from "./OwnTanks";
import { StockScatter } from "./StockScatter";
import { StockTable } from "./StockTable";
import { useOwnTanks } from "./useOwnTanks";

/** Every tank that can be had, tried in every bay in place of a fresh tank or beside all of them. */
export function StockSearch({ onChoose }: { onChoose: (id: string) => void }) {
  const [open, setOpen] = useState(false);
  return (
    <section aria-label="Tanks you can buy" className="mt-4">
      <button type="button" className="plain" aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? "Close the catalogue" : "Find a tank that fits"}
      </button>
      {open && <Search onChoose={onChoose} />}
    </section>
  );
}

const BESIDE = "";

function Search({ onChoose }: { onChoose: (id: string) => void }) {
  const { plan, settled, add, apply } = usePlan();
  const fresh = plan.tanks.filter((tank) => tank.holds === "fresh");
  const [wanted, setReplaced] = useState(fresh[0]?.id ?? BESIDE);
  const replaced = fresh.some((tank) => tank.id === wanted) ? wanted : BESIDE;
  const [pairs, setPairs] = useState(false);
  const [chosen, setChosen] = useState<string | null>(null);
  const [stopped, setStopped] = useState(false);
  const queries = useQueryClient();
  const own = useOwnTanks();
  const key = ["stock", plan, replaced, pairs, own.map((tank) => tank.id)];
  const query = useQuery({
    queryKey: key,
    queryFn: ({ signal }) => api.stock(plan, replaced, pairs, signal),
    enabled: settled && !stopped,
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    retry: (_, error) => error instanceof Away,
    retryDelay: 1000,
  });
  const putIn = (row: StockRow) => {
    if (!row.patch || !settled) return;
    const addition = { label: `${row.name} fitted`, patch: row.patch };
    if (row.patch.some((step) => step.op === "add")) onChoose(add(addition));
    else {
      apply(addition);
      onChoose(replaced);
    }
  };
  return (
    <div className="card mt-2 p-4">
      <div className="mb-3 flex flex-wrap items-end gap-x-5 gap-y-2">
        <Choice
          label="Instead of"
          value={replaced}
          options={[
            ...fresh.map((tank) => ({ value: tank.id, text: tank.name })),
            { value: BESIDE, text: "none: add one more" },
          ]}
          onChange={setReplaced}
        />
        <Choice
          label="Try"
          value={pairs ? "pairs" : "single"}
          options={[
            { value: "single", text: "single tanks" },
            { value: "pairs", text: "pairs" },
          ]}
          onChange={(next) => setPairs(next === "pairs")}
        />
        <p role="status" className="min-h-9 flex-1 self-center text-[13px] text-ink-2">
          {query.isFetching && (
            <>
              Trying every tank in every bay …{" "}
              <button
                type="button"
                className="plain small"
                onClick={() => {
                  setStopped(true);
                  void queries.cancelQueries({ queryKey: key });
                }}
              >
                Stop
              </button>
            </>
          )}
          {stopped && (
            <>
              Stopped.{" "}
              <button type="button" className="plain small" onClick={() => setStopped(false)}>
                Search again
              </button>
            </>
          )}
          {!query.isFetching &&
            !stopped &&
            query.data &&
            `${query.data.tried} positions tried. Names and prices are invented.`}
          {query.isError && "The search did not work. It runs again when the plan changes."}
        </p>
      </div>
      <OwnTanks />
      {query.data && query.data.rows.length === 0 && (
        <p>{"None of the tanks fits. Measure another bay, or have one made to size."}</p>
      )}
      {query.data && query.data.rows.length > 0 && (
        <>
          <StockScatter offer={query.data} chosen={chosen} onChoose={setChosen} />
          <StockTable offer={query.data} chosen={chosen} onChoose={setChosen} onPutIn={putIn} />
        </>
      )}
    </div>
  );
}
