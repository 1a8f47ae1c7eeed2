import { useState } from "react";
import { RigPlan } from "../../drawing/RigPlan";
import { RigSide } from "../../drawing/RigSide";
import { scaleFor } from "../../drawing/scale";
import { useWidth } from "../../drawing/useWidth";
import { usePlan } from "../../plan/PlanContext";
import { useReveal } from "../../plan/useReveal";
import { TankCard } from "./TankCard";

/** Which tanks, where they stand, what they hold, and where to cut their marks. */
export default function TanksStage() {
  const { plan, add, assessment, settled } = usePlan();
  const [chosen, setChosen] = useState<string | null>(null);
  const [ref, width] = useWidth<HTMLDivElement>(860);
  useReveal((pointer) => {
    const index = pointer.match(/^\/tanks\/(\d+)\//)?.[1];
    if (index !== undefined) setChosen(plan.tanks[Number(index)]?.id ?? null);
  });
  const selected = plan.tanks.find((tank) => tank.id === chosen) ?? plan.tanks[0];
  const rig = plan.load.rig;
  const wide = width > 700;
  const half = wide ? width / 2 - 8 : width;
  const scale = scaleFor(rig, half, 30, 110);
  const ground = rig.height_m * scale.perM + 10;
  const middle = (rig.width_m / 2) * scale.perM + (wide ? 26 : 30 + ground);
  const height = Math.max(ground + 10, middle + (rig.width_m / 2) * scale.perM + 10);
  return (
    <>
      <div ref={ref}>
        <svg
          width={width}
          height={height}
          role="group"
          aria-label="The tanks in the rig, from its left and from above, to scale"
        >
          <RigSide scale={scale} ground={ground} loads={false} selected={selected?.id ?? null} onSelect={setChosen} />
          <g transform={wide ? `translate(${half + 16} 0)` : undefined}>
            <RigPlan scale={scale} middle={middle} loads={false} selected={selected?.id ?? null} onSelect={setChosen} />
          </g>
        </svg>
      </div>
      <div className="my-3 flex flex-wrap items-center gap-2" id="tanks-list">
        {plan.tanks.map((tank) => (
          <button
            key={tank.id}
            type="button"
            className={`plain ${tank.id === selected?.id ? "border-rim! text-rim" : ""}`}
            aria-pressed={tank.id === selected?.id}
            onClick={() => setChosen(tank.id)}
          >
            {tank.name}
          </button>
        ))}
        <span className="flex-1" />
        {assessment.stages.tanks.additions.map((addition) => (
          <button
            key={addition.label}
            type="button"
            className="plain"
            aria-disabled={!settled}
            onClick={() => settled && setChosen(add(addition))}
          >
            {addition.label}
          </button>
        ))}
      </div>
      {selected && <TankCard key={selected.id} tank={selected} index={plan.tanks.indexOf(selected)} />}
    </>
  );
}
