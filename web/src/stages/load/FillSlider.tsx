import { usePlan } from "../../plan/PlanContext";

/** How full the main tanks travel, with a mark at the most that every limit allows. */
export function FillSlider() {
  const { plan, assessment, set, settle } = usePlan();
  const fill = assessment.stages.load.drawing.fill;
  const travel = plan.load.travel_fill;
  const over = travel > fill.max_fraction + 1e-6;
  return (
    <div className="mt-3">
      <label htmlFor="travel-fill" className="label">
        How full to travel
      </label>
      <div className="fill-slider">
        <div className="fill-track" aria-hidden>
          <i className={over ? "bg-rust" : "bg-water"} style={{ width: `${travel * 100}%` }} />
        </div>
        {fill.max_fraction < 1 && (
          <b className="bg-rust" style={{ left: `calc(11px + ${fill.max_fraction} * (100% - 22px))` }} aria-hidden />
        )}
        <input
          id="travel-fill"
          data-pointer="/load/travel_fill"
          type="range"
          min="0"
          max="1"
          step="0.01"
          value={travel}
          aria-valuetext={`${fill.travel} of ${fill.full}`}
          onChange={(event) => set("/load/travel_fill", Number(event.target.value), "travel fill")}
          onPointerUp={settle}
          onKeyUp={settle}
        />
      </div>
      <p className="flex justify-between text-[13px]">
        <b className={`font-[640] ${over ? "text-rust" : ""}`}>{fill.travel}</b>
        {fill.limited_by && (
          <span className="text-ink-2">
            at most {fill.max}, {fill.limited_by}
          </span>
        )}
        <span className="text-ink-2">{fill.full}</span>
      </p>
    </div>
  );
}
