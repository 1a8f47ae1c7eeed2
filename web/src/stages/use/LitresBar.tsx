import { usePlan } from "../../plan/state/PlanContext";

/** A day's water from the main supply, one length for each use; each opens its sum. */
export function LitresBar() {
  const { assessment, plan, openSum } = usePlan();
  const shares = assessment.stages.use.drawing.uses;
  const rows = plan.use.uses.flatMap((use) => {
    const share = shares.find((one) => one.id === use.id);
    return share && use.supply === "main" && share.share > 0 ? [{ ...share, name: use.name }] : [];
  });
  if (rows.length === 0) return null;
  return (
    <figure className="mt-2 mb-4">
      <figcaption className="label mb-1">A day, {assessment.figures["use.daily"]?.text}</figcaption>
      <ol className="flex overflow-hidden rounded-[3px] border-[1.4px] border-ink bg-sheet">
        {rows.map((row, index) => (
          <li
            key={row.id}
            className={`water-moves min-w-0 ${index % 2 ? "bg-wash/55" : "bg-wash"} ${index ? "border-l border-ink" : ""}`}
            style={{ width: `${row.share * 100}%` }}
          >
            <button
              type="button"
              className="litres-part"
              title={`${row.name}, ${row.daily} a day`}
              onClick={() => openSum(`uses.${row.id}.daily`)}
            >
              <span className="block overflow-hidden text-ellipsis">{row.name}</span>
              <b className="font-[640]">{row.daily}</b>
            </button>
          </li>
        ))}
      </ol>
    </figure>
  );
}
