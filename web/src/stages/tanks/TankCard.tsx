import type { Tank } from "../../api/types";
import { Choice } from "../../fields/Choice";
import { ChoiceField } from "../../fields/ChoiceField";
import { MeasuredFields } from "../../fields/MeasuredFields";
import { TextField } from "../../fields/TextField";
import { useWhenSettled } from "../../plan/server/useWhenSettled";
import { patched } from "../../plan/state/edits";
import { usePlan } from "../../plan/state/PlanContext";
import { FigureButton } from "../../plan/widgets/FigureButton";
import { focusSoon } from "../../plan/widgets/focus";
import { KeepTank } from "./OwnTanks";
import { TankLevels } from "./TankLevels";
import { TankPorts } from "./TankPorts";
import { TankSection } from "./TankSection";

const ANYWHERE = "";

/** One tank: its section with heights and marks, and beside it what was measured. */
export function TankCard({ tank, index }: { tank: Tank; index: number }) {
  const { plan, assessment, edit, set, untype } = usePlan();
  const at = `/tanks/${index}`;
  const section = assessment.stages.tanks.drawing.tanks.find((one) => one.id === tank.id);
  const drawing = section?.detail;
  const bays = drawing?.bays ?? [];
  /** Heights that a port in one of its sides says, and what brackets and straps over a lid have not. */
  const said = [
    ...(section?.overflow_key === "overflow_height_mm" ? [] : ["overflow_height_mm"]),
    ...(tank.held_by === "brackets" || tank.held_by === "over_lid" ? ["strap_angle_deg"] : []),
    ...(section?.outlet_key === "outlet_height_mm" ? [] : ["outlet_height_mm"]),
  ];
  const [wanted, standIn] = useWhenSettled((next: string) => {
    const bay = bays.find((one) => one.value === next);
    if (bay) place(bay.patch, `${tank.name}: ${bay.text}`);
    else set(`${at}/bay`, undefined, `${tank.name}: anywhere in the rig`);
  });
  const [wantedShape, shape] = useWhenSettled((next: string) => {
    const option = drawing?.shapes.find((one) => one.value === next);
    if (option) place(option.patch, `${tank.name}: ${option.text}`);
  });
  const [, turn] = useWhenSettled(() => place(drawing?.turn, `${tank.name} turned`));
  const place = (patch: readonly unknown[] | undefined, what: string) => {
    untype(at);
    if (patch) edit(patched(plan, patch), what);
  };
  /** The hoses that begin at its ports go with it. */
  const removeTank = () => {
    untype(at);
    const own = new Set(tank.ports.map((port) => port.id));
    const hoses = plan.runs.flatMap((run, of) => (own.has(run.from) ? [{ op: "remove", path: `/runs/${of}` }] : []));
    edit(patched(plan, [...hoses.reverse(), { op: "remove", path: at }]), `${tank.name} removed`);
    focusSoon("#tanks-list button");
  };
  return (
    <section
      aria-label={tank.name}
      className="card card-on grid gap-x-6 gap-y-4 p-4 md:grid-cols-[minmax(0,1fr)_minmax(0,412px)]"
    >
      <TankSection tank={tank} index={index} />
      <div>
        <div className="flex items-start gap-2">
          <TextField pointer={`${at}/name`} label="Name of the tank" className="flex-1" />
          <button type="button" className="plain" onClick={() => turn(undefined)}>
            Turn
          </button>
          <button type="button" className="plain" onClick={removeTank}>
            Remove
          </button>
        </div>
        <p className="my-2 text-ink-2">
          <FigureButton id={`tanks.${tank.id}.usable`} className="text-[15px] font-[640] text-water" /> usable of{" "}
          <FigureButton id={`tanks.${tank.id}.gross`} />
          {tank.count > 1 && `, ${tank.count} alike in a row`}
        </p>
        <div className="mb-3 flex flex-wrap gap-2">
          <ChoiceField pointer={`${at}/form`} bare />
          <Choice
            label="Shape"
            bare
            value={wantedShape ?? tank.shape}
            options={drawing?.shapes ?? []}
            onChange={shape}
          />
          <ChoiceField pointer={`${at}/holds`} bare />
        </div>
        {bays.length > 0 && (
          <Choice
            label="Bay"
            className="mb-3"
            value={wanted ?? tank.bay ?? ANYWHERE}
            options={[{ value: ANYWHERE, text: "anywhere in the rig" }, ...bays]}
            onChange={standIn}
          />
        )}
        <div className="measures">
          <MeasuredFields pointer={at} except={["travel_fill", ...said]} />
        </div>
        <div className="mt-2 flex flex-wrap gap-x-6 gap-y-2">
          <ChoiceField pointer={`${at}/see_through`} />
          <ChoiceField pointer={`${at}/held_by`} />
          {tank.form !== "fixed" && <ChoiceField pointer={`${at}/poured`} />}
        </div>
        <KeepTank tank={tank} />
        {tank.shape === "profile" && <TankLevels tank={tank} index={index} />}
      </div>
      <TankPorts tank={tank} index={index} />
    </section>
  );
}
