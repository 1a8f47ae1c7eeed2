import { RigEnd } from "../../drawing/RigEnd";
import { useWidth } from "../../drawing/useWidth";
import { usePlan } from "../../plan/state/PlanContext";
import { FigureButton } from "../../plan/widgets/FigureButton";

const MAX_PER_M = 62;
const MARGIN = 20;

/** The rig from behind, to scale, with what is to either side of its middle. */
export function LoadBehind({ selected, onSelect }: { selected: string | null; onSelect: (id: string) => void }) {
  const { plan, assessment } = usePlan();
  const [ref, width] = useWidth<HTMLDivElement>(580);
  const rig = plan.load.rig;
  const perM = Math.min(MAX_PER_M, (width - 2 * MARGIN) / rig.width_m);
  const middle = MARGIN + (rig.width_m / 2) * perM;
  const side = ["load.side", "load.heel"].find((id) => assessment.figures[id]);
  return (
    <div ref={ref} className="mt-3 flex flex-wrap items-end gap-x-5">
      <svg width={2 * middle} height={rig.height_m * perM + 24} role="group" aria-label="The rig from behind, to scale">
        <RigEnd
          perM={perM}
          middle={middle}
          ground={rig.height_m * perM + 14}
          loads
          selected={selected}
          onSelect={onSelect}
        />
      </svg>
      {side && (
        <p className="pb-3 text-[13px] text-ink-2">
          {assessment.figures[side]?.label}: <FigureButton id={side} className="font-[640]" />
        </p>
      )}
    </div>
  );
}
