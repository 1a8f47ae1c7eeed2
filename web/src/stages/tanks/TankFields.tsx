import type { ReactNode } from "react";
import type { Tank } from "../../api/types";
import { Choice } from "../../fields/Choice";
import { ChoiceField } from "../../fields/ChoiceField";
import { MeasuredFields } from "../../fields/MeasuredFields";
import { TextField } from "../../fields/TextField";
import { useWhenSettled } from "../../plan/server/useWhenSettled";
import { patched } from "../../plan/state/edits";
import { usePlan } from "../../plan/state/PlanContext";
import { focusSoon } from "../../plan/widgets/focus";
import { RemoveButton } from "../../plan/widgets/RemoveButton";
import { KeepTank } from "./OwnTanks";
import { TankLevels } from "./TankLevels";
import { TankPorts } from "./TankPorts";

const ANYWHERE = "";
const LEVELS = ["outlet_height_mm", "overflow_height_mm"];
const PLACE = ["x_m", "y_m", "z_m"];
const RESTRAINT = ["straps", "strap_angle_deg", "strap_holds_kg"];
const BAFFLES = ["displaced_fraction", "baffle_cells", "loose_fraction"];

/** What was measured of one tank, by what it is for. */
export function TankFields({ tank, index }: { tank: Tank; index: number }) {
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
    <div>
      <div className="mt-2 flex flex-wrap items-end gap-2">
        <TextField pointer={`${at}/name`} label="Name of the tank" className="min-w-28 flex-1" />
        <button type="button" className="plain" onClick={() => turn(undefined)}>
          Turn
        </button>
        <RemoveButton id={tank.id} onRemove={removeTank} />
      </div>
      <div className="mt-2 flex flex-wrap gap-2">
        <ChoiceField pointer={`${at}/form`} bare />
        <ChoiceField pointer={`${at}/holds`} bare />
      </div>
      <Group title="Size">
        <Choice label="Shape" bare value={wantedShape ?? tank.shape} options={drawing?.shapes ?? []} onChange={shape} />
        <div className="measures">
          <MeasuredFields pointer={at} except={["travel_fill", ...LEVELS, ...PLACE, ...RESTRAINT, ...BAFFLES]} />
        </div>
        {tank.shape === "profile" && <TankLevels tank={tank} index={index} />}
      </Group>
      <Group title="Outlet, overflow and level">
        <div className="measures">
          <MeasuredFields pointer={at} only={LEVELS} except={said} />
        </div>
        <div className="flex flex-wrap gap-x-6 gap-y-2">
          <ChoiceField pointer={`${at}/see_through`} />
          {tank.form !== "fixed" && <ChoiceField pointer={`${at}/poured`} />}
        </div>
      </Group>
      <TankPorts tank={tank} index={index} />
      <Group title="Place">
        {bays.length > 0 && (
          <Choice
            label="Bay"
            value={wanted ?? tank.bay ?? ANYWHERE}
            options={[{ value: ANYWHERE, text: "anywhere in the rig" }, ...bays]}
            onChange={standIn}
          />
        )}
        <div className="measures">
          <MeasuredFields pointer={at} only={PLACE} />
        </div>
      </Group>
      <Group title="Restraint">
        <ChoiceField pointer={`${at}/held_by`} bare />
        <div className="measures">
          <MeasuredFields pointer={at} only={RESTRAINT} except={said} />
        </div>
      </Group>
      <Group title="Baffles">
        <div className="measures">
          <MeasuredFields pointer={at} only={BAFFLES} />
        </div>
      </Group>
      <KeepTank tank={tank} />
    </div>
  );
}

function Group({ title, children }: { title: string; children: ReactNode }) {
  return (
    <fieldset className="mt-4 flex min-w-0 flex-col gap-2">
      <legend className="mb-1 font-[620]">{title}</legend>
      {children}
    </fieldset>
  );
}
