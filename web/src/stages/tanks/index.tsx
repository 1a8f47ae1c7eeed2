import { useState } from "react";
import type { Fix as Addition, Bay, Tank } from "../../api/types";
import { OpenedPanel } from "../../frame/OpenedPanel";
import { usePlan } from "../../plan/state/PlanContext";
import { AddButton } from "../../plan/widgets/AddButton";
import { FigureButton } from "../../plan/widgets/FigureButton";
import { fieldAt, focusSoon } from "../../plan/widgets/focus";
import { reveal, useReveal } from "../../plan/widgets/useReveal";
import { usePrinted } from "../../print/printed";
import { BayFields } from "./BayFields";
import { BayViews } from "./BayViews";
import { StockSearch } from "./StockSearch";
import { TankFields } from "./TankFields";
import { TankSection } from "./TankSection";
import { TankViews } from "./TankViews";
import { ThingFields } from "./ThingFields";

/** Which tanks, where they stand, what they hold, and where to cut their marks; and the bays in which they can stand. */
export default function TanksStage() {
  const { plan, assessment, opened, open } = usePlan();
  /** What is drawn whole; what is opened has its fields in sight besides. */
  const [chosen, choose] = useState<string | null>(null);
  const setChosen = (id: string | null) => {
    choose(id);
    if (id !== null) open(id);
  };
  useReveal((pointer) => {
    const [, list, index] = pointer.match(/^\/(tanks|bays|runs)\/(\d+)\//) ?? [];
    const fixed = pointer.match(/^\/load\/things\/(\d+)\//)?.[1];
    const from = list === "runs" && plan.runs[Number(index)]?.from;
    if (from) setChosen(plan.tanks.find((one) => one.ports.some((port) => port.id === from))?.id ?? null);
    else if (fixed) setChosen(plan.load.things[Number(fixed)]?.id ?? null);
    else if (list) setChosen(plan[list as "tanks" | "bays"][Number(index)]?.id ?? null);
  });
  const bay = plan.bays.find((one) => one.id === chosen);
  const thing = plan.load.things.find((one) => one.id === chosen);
  const tank = bay || thing ? undefined : (plan.tanks.find((one) => one.id === chosen) ?? plan.tanks[0]);
  const selected = bay?.id ?? thing?.id ?? tank?.id ?? null;
  const printed = usePrinted();
  const shown = bay ?? thing ?? tank;
  const { to_tape, add_bay, add_thing } = assessment.stages.tanks.drawing;
  const choosing = { selected, onChoose: setChosen };
  return (
    <>
      <TankViews selected={selected} onSelect={choose} onOpen={setChosen} />
      <div className="not-printed my-3 grid gap-2">
        <Row
          id="tanks-list"
          label="Tanks"
          parts={plan.tanks}
          additions={assessment.stages.tanks.additions}
          {...choosing}
        />
        <Row id="bays-list" label="Bays" parts={plan.bays} additions={add_bay ? [add_bay] : []} {...choosing} />
        <Row
          id="things-list"
          label="Fixed"
          parts={plan.load.things}
          additions={add_thing ? [add_thing] : []}
          {...choosing}
        />
      </div>
      {plan.bays
        .filter((one) => printed || one === bay)
        .map((one) => (
          <BayDrawn key={one.id} bay={one} />
        ))}
      {plan.tanks
        .filter((one) => printed || one === tank)
        .map((one) => (
          <TankDrawn key={one.id} tank={one} />
        ))}
      {shown && opened === shown.id && (
        <OpenedPanel id={shown.id} name={shown.name} kind={thing ? "fixed in the rig" : bay ? "bay" : "tank"}>
          {thing && <ThingFields key={thing.id} index={plan.load.things.indexOf(thing)} />}
          {bay && <BayFields key={bay.id} bay={bay} index={plan.bays.indexOf(bay)} />}
          {tank && <TankFields key={tank.id} tank={tank} index={plan.tanks.indexOf(tank)} />}
        </OpenedPanel>
      )}
      <StockSearch onChoose={setChosen} />
      {!printed && to_tape.length > 0 && (
        <section aria-label="Still to measure" className="mt-4">
          <h2 className="label">Still to measure</h2>
          <ul>
            {to_tape.map((job) => (
              <li key={job.pointer} className="flex items-baseline gap-2 border-b border-dotted border-rule py-1.5">
                <span className="flex-1">{job.text}</span>
                <button
                  type="button"
                  className="plain small"
                  aria-label={`Enter it: ${job.text}`}
                  onClick={() => {
                    reveal(job.pointer);
                    focusSoon(fieldAt(job.pointer));
                  }}
                >
                  Enter it
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

function BayDrawn({ bay }: { bay: Bay }) {
  const { plan, assessment } = usePlan();
  const drawing = assessment.stages.tanks.drawing.bays.find((one) => one.id === bay.id);
  if (!drawing) return null;
  return (
    <section aria-label={`${bay.name}, drawn`} className="card card-on mb-3 p-4">
      <h2 className="mb-2">{bay.name}</h2>
      <BayViews bay={bay} drawing={drawing} index={plan.bays.indexOf(bay)} />
    </section>
  );
}

function TankDrawn({ tank }: { tank: Tank }) {
  const { plan } = usePlan();
  return (
    <section aria-label={`${tank.name}, drawn`} className="card card-on mb-3 p-4">
      <h2>{tank.name}</h2>
      <p className="mb-2 text-ink-2">
        <FigureButton id={`tanks.${tank.id}.usable`} className="text-[15px] font-[640] text-water" /> usable of{" "}
        <FigureButton id={`tanks.${tank.id}.gross`} />
        {tank.count > 1 && `, ${tank.count} alike in a row`}
      </p>
      <TankSection tank={tank} index={plan.tanks.indexOf(tank)} />
    </section>
  );
}

type RowProps = {
  id: string;
  label: string;
  parts: readonly { id: string; name: string }[];
  additions: readonly Addition[];
  selected: string | null;
  onChoose: (id: string) => void;
};

/** The parts of one sort, of which one can be chosen, and what can be added to them. */
function Row({ id, label, parts, additions, selected, onChoose }: RowProps) {
  return (
    <div className="flex flex-wrap items-center gap-2" id={id}>
      <span className="label w-12">{label}</span>
      {parts.map((part) => (
        <button
          key={part.id}
          type="button"
          className={`plain ${part.id === selected ? "border-rim! text-rim" : ""}`}
          aria-pressed={part.id === selected}
          title={`Open ${part.name}`}
          onClick={() => onChoose(part.id)}
        >
          {part.name}
        </button>
      ))}
      <span className="ml-auto flex flex-wrap justify-end gap-2">
        {additions.map((addition) => (
          <AddButton key={addition.label} addition={addition} className="plain" onAdded={onChoose} />
        ))}
      </span>
    </div>
  );
}
