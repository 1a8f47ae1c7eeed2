import type { Bay } from "../../api/types";
import { Choice } from "../../fields/Choice";
import { ChoiceField } from "../../fields/ChoiceField";
import { MeasuredFields } from "../../fields/MeasuredFields";
import { QuantityField } from "../../fields/QuantityField";
import { TextField } from "../../fields/TextField";
import { useWhenSettled } from "../../plan/server/useWhenSettled";
import { patched } from "../../plan/state/edits";
import { usePlan } from "../../plan/state/PlanContext";
import { AddButton } from "../../plan/widgets/AddButton";
import { RemoveButton } from "../../plan/widgets/RemoveButton";

const SIZES = ["length_mm", "width_mm", "height_mm", "z_m"];
const FACES = ["front", "rear", "left", "right", "top", "bottom"];
const OPENING = ["opening_width_mm", "opening_height_mm"];

/** What the tape says of one bay. */
export function BayFields({ bay, index }: { bay: Bay; index: number }) {
  const { plan, assessment, edit, untype } = usePlan();
  const at = `/bays/${index}`;
  const drawing = assessment.stages.tanks.drawing.bays.find((one) => one.id === bay.id);
  const [wanted, tapeFrom] = useWhenSettled(({ way, next }: { way: "along" | "across"; next: string }) => {
    const datum = drawing?.[way].find((one) => one.value === next);
    untype(`${at}/${way}_m`);
    if (datum) edit(patched(plan, datum.patch), `${bay.name}: taped from ${datum.text}`);
  });
  /** Its tanks stand where they are, in no bay. */
  const removeBay = () => {
    untype(at);
    const freed = plan.tanks.flatMap((tank, of) =>
      tank.bay === bay.id ? [{ op: "remove", path: `/tanks/${of}/bay` }] : [],
    );
    edit(patched(plan, [...freed, { op: "remove", path: at }]), `${bay.name} removed`);
  };
  return (
    <div className="mt-2 grid gap-y-4">
      <div>
        <div className="flex flex-wrap items-end gap-2">
          <TextField pointer={`${at}/name`} label="Name of the bay" className="min-w-28 flex-1" />
          <RemoveButton id={bay.id} onRemove={removeBay} />
        </div>
        <div className="my-2 flex flex-wrap gap-x-4 gap-y-2">
          <ChoiceField pointer={`${at}/place`} />
          <ChoiceField pointer={`${at}/taped`} />
          <ChoiceField pointer={`${at}/frost`} />
        </div>
        <div className="measures">
          {SIZES.map((key) => (
            <QuantityField key={key} pointer={`${at}/${key}`} />
          ))}
        </div>
        {drawing?.clearance && <p className="mt-1 text-[13px] text-ink-2">{drawing.clearance}</p>}
        <div className="my-2 flex flex-wrap items-end gap-x-4 gap-y-2">
          {(["along", "across"] as const).map((way) => (
            <div key={way} className="flex flex-wrap items-end gap-x-2">
              <Choice
                label={way === "along" ? "Along, measured from" : "Across, measured from"}
                value={wanted?.way === way ? wanted.next : bay[`${way}_from`]}
                options={drawing?.[way] ?? []}
                onChange={(next) => tapeFrom({ way, next })}
              />
              <QuantityField pointer={`${at}/${way}_m`} bare />
            </div>
          ))}
        </div>
        <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
          <ChoiceField pointer={`${at}/opening`} />
          {OPENING.map((key) => (
            <QuantityField key={key} pointer={`${at}/${key}`} />
          ))}
        </div>
      </div>
      <fieldset>
        <legend className="label">Once a tank is mounted, you can reach it through the opening, and</legend>
        <div className="mt-1 flex flex-wrap gap-x-4 gap-y-2">
          {FACES.filter((face) => face !== bay.opening).map((face) => (
            <ChoiceField key={face} pointer={`${at}/reach_${face}`} />
          ))}
        </div>
      </fieldset>
      <div>
        <h3 className="label">Obstructions, measured from the bay’s front, left side and floor</h3>
        {bay.obstructions.map((one, of) => (
          <Obstruction key={one.id} at={`${at}/obstructions/${of}`} name={one.name} />
        ))}
        {drawing?.obstruct && <AddButton addition={drawing.obstruct} id="add-obstruction" className="plain mt-2" />}
      </div>
    </div>
  );
}

function Obstruction({ at, name }: { at: string; name: string }) {
  const { remove } = usePlan();
  return (
    <div className="flex flex-wrap items-end gap-x-3 gap-y-1 border-b border-dotted border-rule py-2">
      <TextField pointer={`${at}/name`} label="What is in the way" className="min-w-40 flex-1" />
      <MeasuredFields pointer={at} />
      <button
        type="button"
        className="plain"
        onClick={() => remove(at, "#add-obstruction")}
        aria-label={`Remove ${name}`}
      >
        Remove
      </button>
    </div>
  );
}
