import { api } from "../../api/client";
import { useOfPlan } from "../../plan/server/useOfPlan";
import { usePlan } from "../../plan/state/PlanContext";

/** The starting points of a line: what each is good for, what it asks for and how it fails. */
export function SystemTypes({ onLaid }: { onLaid: () => void }) {
  const { plan, apply, untype } = usePlan();
  const query = useOfPlan("systems", api.systems);
  return (
    <section aria-label="System types" className="mt-3">
      <p role="status" className="text-[13px] text-ink-2">
        {query.isPending ? "Laying each system out from your tanks …" : ""}
      </p>
      <div className="grid grid-cols-[repeat(auto-fill,minmax(270px,1fr))] gap-3">
        {query.data?.map((offer) => (
          <article
            key={offer.system}
            className={`card flex flex-col gap-1.5 p-4 ${plan.line.system === offer.system ? "card-on" : ""}`}
          >
            <h3 className="text-[15px] leading-tight font-[620]">{offer.title}</h3>
            <p className="text-[13px]">{offer.good_for}</p>
            {offer.costs && <p className="text-[13px] text-ink-2">{offer.costs}</p>}
            <p className="text-[13px] text-ink-2">{offer.gives}</p>
            <p className="text-[13px] text-ink-2">Care: {offer.care}</p>
            <p className="text-[13px] text-ink-2">Fails: {offer.fails}</p>
            {offer.dropped && <p className="text-[13px] text-brass">{offer.dropped}</p>}
            {offer.patch && (
              <button
                type="button"
                className="go mt-auto self-start"
                onClick={() => {
                  untype("/line");
                  apply({ label: `System type: ${offer.title}`, patch: offer.patch ?? [] });
                  onLaid();
                }}
              >
                Use this system
              </button>
            )}
          </article>
        ))}
      </div>
    </section>
  );
}
