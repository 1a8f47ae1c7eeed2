import { useState } from "react";
import { api } from "../../api/client";
import { Choice } from "../../fields/Choice";
import { useSearch } from "../../plan/server/useSearch";
import { useWhenFound } from "../../plan/server/useWhenFound";
import { usePlan } from "../../plan/state/PlanContext";
import { SearchStatus } from "../../plan/widgets/SearchStatus";
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
  const { plan, add, apply } = usePlan();
  const fresh = plan.tanks.filter((tank) => tank.holds === "fresh");
  const [wanted, setReplaced] = useState(fresh[0]?.id ?? BESIDE);
  const replaced = fresh.some((tank) => tank.id === wanted) ? wanted : BESIDE;
  const [pairs, setPairs] = useState(false);
  const [chosen, setChosen] = useState<string | null>(null);
  const own = useOwnTanks();
  const search = useSearch(["stock", replaced, pairs, own.map((tank) => tank.id)], (asked) =>
    api.stock(plan, replaced, pairs, asked),
  );
  const offer = search.found;
  const putIn = useWhenFound(search, (id) => {
    const row = offer?.rows.find((one) => one.id === id);
    if (!row?.patch) return;
    const addition = { label: `${row.name} fitted`, patch: row.patch };
    if (row.patch.some((step) => step.op === "add")) onChoose(add(addition));
    else {
      apply(addition);
      onChoose(replaced);
    }
  });
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
        <SearchStatus
          search={search}
          trying={pairs ? "Trying pairs" : "Trying every tank in every bay"}
          done={offer && `${offer.tried} positions tried. Names and prices are invented.`}
        />
      </div>
      <OwnTanks />
      {offer && offer.rows.length === 0 && (
        <p>{"None of the tanks fits. Measure another bay, or have one made to size."}</p>
      )}
      {offer && offer.rows.length > 0 && (
        <>
          <StockScatter offer={offer} chosen={chosen} onChoose={setChosen} />
          <StockTable offer={offer} chosen={chosen} onChoose={setChosen} onPutIn={putIn} />
        </>
      )}
    </div>
  );
}
