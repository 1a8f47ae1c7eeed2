import { type CSSProperties, useState } from "react";
import { useWidth } from "../../drawing/useWidth";
import { WhenRead } from "../../fields/WhenRead";
import { OpenedPanel } from "../../frame/OpenedPanel";
import { useWhenSettled } from "../../plan/server/useWhenSettled";
import { usePlan } from "../../plan/state/PlanContext";
import { useReveal } from "../../plan/widgets/useReveal";
import { usePrinted } from "../../print/printed";
import { Gravity } from "./Gravity";
import { LineRig } from "./LineRig";
import { LoosePorts } from "./LoosePorts";
import { layoutOf } from "./layout";
import { Modes } from "./Modes";
import { Outlets } from "./Outlets";
import { OwnParts } from "./OwnParts";
import { Pairs } from "./Pairs";
import { PartPanel } from "./PartPanel";
import { Peaks } from "./Peaks";
import { PipePanel } from "./PipePanel";
import { Schematic } from "./Schematic";
import { Sizing } from "./Sizing";
import { Stair } from "./Stair";
import { SystemTypes } from "./SystemTypes";
import { TankPanel } from "./TankPanel";
import { useRowsInSight } from "./useRowsInSight";
import { useTurned } from "./useTurned";
import { ValveTurn } from "./ValveTurn";

/** The longest; all of them are on the list that is printed. */
const FIRST_TO_MEASURE = 7;

/** The line: from tank to every tap, with what flows and at what pressure. */
export default function LineStage() {
  const printed = usePrinted();
  const { plan, assessment, opened: selected, open, apply } = usePlan();
  const drawing = assessment.stages.line.drawing;
  const [wanted, setScene] = useState<string | null>(null);
  const additions = assessment.stages.line.additions;
  const [wantedAddition, wantAddition] = useWhenSettled((label: string) => {
    const addition = additions.find((one) => one.label === label);
    if (addition) apply(addition);
  });
  const [systems, showSystemTypes] = useState(false);
  const [ref, width] = useWidth<HTMLDivElement>(860);
  useReveal((pointer) => {
    const [, list, index] = pointer.match(/^\/line\/(parts|pipes)\/(\d+)\//) ?? [];
    if (list) open(plan.line[list as "parts" | "pipes"][Number(index)]?.id ?? null);
  });
  const worst = drawing.outlets.find((one) => !one.enough);
  const turned = useTurned();
  const scenes = turned.line?.scenes ?? drawing.scenes;
  const scene = scenes.find((one) => one.id === wanted) ?? scenes.find((one) => one.id === worst?.id) ?? scenes[0];
  const stair = scene?.stairs[0];
  const findings = assessment.findings.filter((one) => one.stage === "line" && one.severity !== "watch");
  const trouble = new Set(findings.flatMap((one) => one.subject));
  // Where nothing flows from a tap, the way of the mode is drawn.
  const path = scene ? null : drawing.modes.find((one) => one.id === turned.mode)?.pipes;
  const partIndex = plan.line.parts.findIndex((one) => one.id === selected);
  const part = plan.line.parts[partIndex];
  const pipe = drawing.pipes.find((one) => one.id === selected);
  const tank = plan.tanks.find((one) => one.id === selected);
  const opened = part ?? pipe ?? tank;
  const valve = drawing.elements.find((one) => one.owner === selected);
  const kind = pipe ? "pipe" : tank ? "tank" : (valve?.kind_word ?? "part");
  const empty = plan.line.parts.length === 0;
  /** Nothing is while the answer for another stage is there. */
  const drawn = empty || drawing.columns > 0;
  const layout = layoutOf(drawing, width);
  const [sight, look] = useRowsInSight(width, drawing, layout);
  const gone = () => open(null);
  return (
    <>
      <div className="mb-2 flex flex-wrap items-center gap-2">
        {!empty && (
          <button type="button" className="plain" aria-expanded={systems} onClick={() => showSystemTypes(!systems)}>
            {systems ? "Close the system types" : "Another system"}
          </button>
        )}
        {drawing.system && <span className="text-[13px] text-ink-2">Began as: {drawing.system}</span>}
        {plan.tanks
          .filter(
            (one) =>
              drawn &&
              (one.holds === "fresh" || one.holds === "drinking") &&
              !drawing.elements.some((element) => element.id === one.id),
          )
          .map((one) => (
            <button key={one.id} type="button" className="plain small" onClick={() => open(one.id)}>
              Start from {one.name}
            </button>
          ))}
      </div>
      {additions.map((addition) => (
        <button
          key={addition.label}
          type="button"
          className="plain mb-2"
          aria-busy={wantedAddition === addition.label}
          onClick={() => wantAddition(addition.label)}
        >
          {addition.label}
        </button>
      ))}
      {(empty || systems) && <SystemTypes onLaid={() => showSystemTypes(false)} />}
      {!empty && (
        <section
          ref={ref}
          className="line-view"
          aria-label="The line, from the tank"
          // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls sideways has to be reached by keys
          tabIndex={0}
          style={{ "--fit": width / layout.width } as CSSProperties}
          onScroll={look}
        >
          <div className="line-rows" style={{ width: layout.width, height: sight.height }}>
            <div style={{ height: layout.height, translate: `0 ${-sight.top}px` }}>
              <Schematic
                drawing={drawing}
                scene={scene}
                valves={turned.line?.valves ?? []}
                path={path ? new Set(path) : null}
                trouble={trouble}
                selected={selected}
                layout={layout}
                onSelect={open}
              />
            </div>
          </div>
          {stair && <Stair drawing={drawing} stair={stair} layout={layout} />}
        </section>
      )}
      {!empty && layout.width > width && (
        <p className="not-printed text-[13px] text-ink-2">
          The line goes on to the right: swipe it, or scroll sideways.
        </p>
      )}
      {turned.line && (
        <p role="status" className="not-printed text-[13px] text-brass">
          Drawn now:{" "}
          {[
            drawing.modes.find((one) => one.id === turned.mode)?.title,
            Object.keys(turned.positions).length > 0 ? "valves turned by hand" : null,
          ]
            .filter(Boolean)
            .join(", ")}
          . The plan does not change.{" "}
          <button type="button" className="plain small" onClick={turned.back}>
            Turn all back
          </button>
        </p>
      )}
      {scene && scene.stairs.length > 1 && <p className="text-[13px] text-ink-2">{scene.pump}</p>}
      {opened && selected && (
        <OpenedPanel id={selected} name={opened.name} kind={kind}>
          <WhenRead key={`fields of ${selected}`} pointer={tank ? null : (pipe?.pointer ?? `/line/parts/${partIndex}`)}>
            {valve && valve.positions.length > 0 && <ValveTurn valve={valve} turned={turned} scene={scene} />}
            {part && <PartPanel part={part} index={partIndex} drawing={drawing} onGone={gone} />}
            {part && <LoosePorts drawing={drawing} owner={part.id} />}
            {pipe && <PipePanel pipe={pipe} drawing={drawing} onGone={gone} />}
            {tank && <TankPanel tank={tank} />}
          </WhenRead>
        </OpenedPanel>
      )}
      {!empty && <Outlets drawing={drawing} scene={scene?.id} onScene={setScene} />}
      {drawing.outlets.length > 2 && <Pairs />}
      {!empty && <Gravity charts={drawing.gravity} byHand={drawing.by_hand} />}
      <Modes modes={drawing.modes} turned={turned} />
      {!empty && <Sizing />}
      {!empty && <LineRig drawing={drawing} selected={selected} onSelect={open} />}
      <OwnParts />
      <Peaks peaks={drawing.peaks} />
      {!printed && drawing.to_measure.length > 0 && (
        <section aria-label="Still to measure" className="mt-4">
          <h2 className="label">Still to measure, longest first</h2>
          <ul className="text-[13px]">
            {drawing.to_measure.slice(0, FIRST_TO_MEASURE).map((job) => (
              <li key={job} className="border-b border-dotted border-rule py-1.5">
                {job}
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
