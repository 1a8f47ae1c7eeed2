import { FigureButton } from "../../plan/FigureButton";
import { usePlan } from "../../plan/PlanContext";

/** How full the main tanks travel, with a mark at the most that every limit allows. */
export function FillSlider() {
  const { plan, assessment, set, settle } = usePlan();
  const fill = assessment.stages.load.drawing.fill;
  const travel = plan.load.travel_fill;
  const late = fill.max_fraction > 0.5;
  const over = travel > fill.max_fraction + 1e-6;
  return (
    <div className="mt-3">
      <p className="flex items-baseline justify-between gap-2">
        <label htmlFor="travel-fill" className="label">
          How full to travel
        </label>
        <span className="text-[13px] text-ink-2">
          <FigureButton id="load.travel" className={`text-[15px] font-[640] ${over ? "text-rust" : "text-ink"}`} /> of{" "}
          {fill.full}
        </span>
      </p>
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
      {fill.limited_by && (
        <p
          className={`text-[13px] ${over ? "text-rust" : "text-ink-2"} ${late ? "text-right" : ""}`}
          style={
            late ? { paddingRight: `${(1 - fill.max_fraction) * 88}%` } : { paddingLeft: `${fill.max_fraction * 88}%` }
          }
        >
          {fill.max}, {fill.limited_by}
        </p>
      )}
    </div>
  );
}
