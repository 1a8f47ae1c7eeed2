import { ChoiceField } from "../../fields/ChoiceField";
import { MeasuredFields } from "../../fields/MeasuredFields";
import { TextField } from "../../fields/TextField";
import { usePlan } from "../../plan/state/PlanContext";

/** Something that is fixed in the rig: what it asks of the water near it, its sizes and where it stands. */
export function ThingFields({ index }: { index: number }) {
  const { remove } = usePlan();
  const at = `/load/things/${index}`;
  return (
    <div className="mt-2">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <TextField pointer={`${at}/name`} label="What it is" className="min-w-48 flex-1" />
        <ChoiceField pointer={`${at}/need`} />
        <button type="button" className="plain" onClick={() => remove(at, "#things-list button")}>
          Remove
        </button>
      </div>
      <div className="measures mt-3">
        <MeasuredFields pointer={at} />
      </div>
    </div>
  );
}
