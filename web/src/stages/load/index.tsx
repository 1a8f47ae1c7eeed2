import { useState } from "react";
import { Dimension } from "../../drawing/Dimension";
import { RigPlan } from "../../drawing/RigPlan";
import { RigSide } from "../../drawing/RigSide";
import { scaleFor } from "../../drawing/scale";
import { useWidth } from "../../drawing/useWidth";
import { usePlan } from "../../plan/state/PlanContext";
import { useReveal } from "../../plan/widgets/useReveal";
import { FillSlip } from "./FillSlip";
import { LimitBars } from "./LimitBars";
import { LoadBehind } from "./LoadBehind";
import { RigFields } from "./RigFields";
import { StatesTable } from "./StatesTable";
import { StayCurve } from "./StayCurve";
import { WeighTicket } from "./WeighTicket";

const BARS = 108;

/** What the rig weighs, where the weight rests, and how full it may travel. */
export default function LoadStage() {
  const { plan, assessment } = usePlan();
  const [selected, setSelected] = useState<string | null>(null);
  const [ref, width] = useWidth<HTMLDivElement>(580);
  useReveal((pointer) => {
    const [, list, index] = pointer.match(/^\/load\/(loads|seats)\/(\d+)\//) ?? [];
    if (list) setSelected(plan.load[list as "loads" | "seats"][Number(index)]?.id ?? null);
  });
  const rig = plan.load.rig;
  const scale = scaleFor(rig, width, 44, 100);
  // A boat’s crew sits out in the open, and its labels above it.
  const ground = rig.height_m * scale.perM + (rig.kind === "boat" ? 44 : 16);
  const planTop = ground + BARS + 24;
  const middle = planTop + (rig.width_m / 2) * scale.perM;
  const below = middle + (rig.width_m / 2) * scale.perM;
  const span = assessment.stages.load.drawing.span;
  return (
    <>
      <div className="grid items-start gap-4 md:grid-cols-[minmax(0,1fr)_272px]">
        <div ref={ref} className="relative min-w-0">
          <svg
            width={width}
            height={below + 34}
            aria-label="The rig from its left and from above, to scale"
            role="group"
          >
            <RigSide scale={scale} ground={ground} loads selected={selected} onSelect={setSelected} />
            <LimitBars scale={scale} top={ground + 18} width={width} />
            <RigPlan scale={scale} middle={middle} loads selected={selected} onSelect={setSelected} />
            <Dimension
              from={scale.x(span.from_m)}
              to={scale.x(span.to_m)}
              y={below + 18}
              text={span.text}
              pointer={span.pointer}
            />
          </svg>
          {assessment.stages.load.drawing.balance && (
            <p className="text-[13px] text-ink-2">{assessment.stages.load.drawing.balance}</p>
          )}
          {assessment.stages.load.drawing.draw && (
            <p className="mt-1 text-[13px] text-ink-2">{assessment.stages.load.drawing.draw}</p>
          )}
          <LoadBehind selected={selected} onSelect={setSelected} />
          <StayCurve />
        </div>
        <WeighTicket selected={selected} onSelect={setSelected} />
      </div>
      <FillSlip />
      <StatesTable />
      <RigFields />
    </>
  );
}
