import type { Plan } from "../../api/types";
import { usePlan } from "../../plan/state/PlanContext";
import { FigureButton } from "../../plan/widgets/FigureButton";

/** How full the main tanks travel: all alike with a mark at the most that every limit allows, and each for itself where there are several. */
export function FillSlider() {
  const { plan, assessment, edit, set } = usePlan();
  const fill = assessment.stages.load.drawing.fill;
  const late = fill.max_fraction > 0.5;
  const over = assessment.stages.load.drawing.limits.some((limit) => limit.over);
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
      <Slider
        id="travel-fill"
        pointer="/load/travel_fill"
        fraction={plan.tanks.some((tank) => tank.travel_fill !== undefined) ? fill.fraction : plan.load.travel_fill}
        text={`${fill.travel} of ${fill.full}`}
        over={over}
        {...(fill.max_fraction < 1 && { mark: fill.max_fraction })}
        onMove={(fraction) => edit(alike(plan, fraction), "how full to travel", "travel fill")}
      />
      {fill.limited_by && (
        <p
          className={`text-[13px] ${over ? "text-rust" : "text-ink-2"} ${late ? "text-right" : ""}`}
          style={
            late ? { paddingRight: `${(1 - fill.max_fraction) * 88}%` } : { paddingLeft: `${fill.max_fraction * 88}%` }
          }
        >
          {fill.max}
          {fill.tanks.length > 1 && " with all tanks equally full"}, {fill.limited_by}
        </p>
      )}
      {fill.tanks.map((one) => {
        const index = plan.tanks.findIndex((tank) => tank.id === one.id);
        const pointer = `/tanks/${index}/travel_fill`;
        const id = `travel-fill-${one.id}`;
        return (
          <div key={one.id} className="mt-1 border-t border-dotted border-rule pt-1">
            <p className="flex items-baseline justify-between gap-2 text-[13px]">
              <label htmlFor={id}>{plan.tanks[index]?.name}</label>
              <span className="text-ink-2">
                <b className="font-[640] text-ink">{one.travel}</b> of {one.full}
              </span>
            </p>
            <Slider
              id={id}
              pointer={pointer}
              fraction={plan.tanks[index]?.travel_fill ?? plan.load.travel_fill}
              text={`${one.travel} of ${one.full}`}
              over={false}
              onMove={(fraction) => set(pointer, fraction, `how full ${plan.tanks[index]?.name} travels`, pointer)}
            />
          </div>
        );
      })}
    </div>
  );
}

/** All main tanks filled to the same fraction. */
function alike(plan: Plan, fraction: number): Plan {
  const tanks = plan.tanks.map(({ travel_fill: _own, ...tank }) => tank);
  return { ...plan, tanks, load: { ...plan.load, travel_fill: fraction } };
}

type SliderProps = {
  id: string;
  pointer: string;
  fraction: number;
  text: string;
  over: boolean;
  mark?: number;
  onMove: (fraction: number) => void;
};

function Slider({ id, pointer, fraction, text, over, mark, onMove }: SliderProps) {
  const { settle } = usePlan();
  return (
    <div className="fill-slider">
      <div className="fill-track" aria-hidden>
        <i className={over ? "bg-rust" : "bg-water"} style={{ width: `${fraction * 100}%` }} />
      </div>
      {mark !== undefined && (
        <b className="bg-rust" style={{ left: `calc(16px + ${mark} * (100% - 32px))` }} aria-hidden />
      )}
      <input
        id={id}
        data-pointer={pointer}
        type="range"
        min="0"
        max="1"
        step="0.01"
        value={fraction}
        aria-valuetext={text}
        onChange={(event) => onMove(Number(event.target.value))}
        onPointerUp={settle}
        onKeyUp={settle}
      />
    </div>
  );
}
