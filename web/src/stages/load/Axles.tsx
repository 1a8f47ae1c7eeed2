import { ChoiceField } from "../../fields/ChoiceField";
import { MeasuredFields } from "../../fields/MeasuredFields";
import { TextField } from "../../fields/TextField";
import { useWhenSettled } from "../../plan/server/useWhenSettled";
import { usePlan } from "../../plan/state/PlanContext";
import { AddButton } from "../../plan/widgets/AddButton";
import { focusSoon } from "../../plan/widgets/focus";

const AXLES = "/load/rig/axles";

/** The axles of a vehicle or a trailer; those of a vehicle behind its first carry together, as all of a trailer’s do. */
export function Axles() {
  const { plan, assessment, apply, untype } = usePlan();
  const rig = plan.load.rig;
  const first = rig.kind === "road" ? 1 : 0;
  const { add_axle: addAxle, remove_axles: removals } = assessment.stages.load.drawing;
  const axles = rig.kind === "boat" ? [] : rig.axles;
  const removalOf = (id: string) => removals[axles.findIndex((one) => one.id === id) - first];
  const [wanted, want] = useWhenSettled((id: string) => {
    const removal = removalOf(id);
    if (!removal) return;
    untype(`${AXLES}/${axles.findIndex((one) => one.id === id)}`);
    apply(removal);
    focusSoon("#add-axle");
  });
  if (rig.kind === "boat") return null;
  const together = axles.length - first > 1;
  return (
    <fieldset>
      <legend className="mb-1 font-[620]">{together ? "Axles; the rear ones share their load" : "Axles"}</legend>
      {axles.map((axle, index) => {
        const at = `${AXLES}/${index}`;
        const shares = together && index >= first;
        const removal = removalOf(axle.id);
        // The first axle of a vehicle is where its places are measured from.
        const except = [...(index < first ? ["x_m"] : []), ...(shares ? [] : ["share"])];
        return (
          <div key={axle.id} className="flex flex-col gap-2 border-b border-dotted border-rule py-2">
            <div className="flex flex-wrap items-end gap-x-3 gap-y-2">
              <TextField pointer={`${at}/name`} label="Name of the axle" className="min-w-40 flex-1" />
              <ChoiceField pointer={`${at}/twins`} />
              {shares && removal && (
                <button
                  type="button"
                  className="plain"
                  aria-label={removal.label}
                  aria-busy={wanted === axle.id}
                  onClick={() => want(axle.id)}
                >
                  Remove
                </button>
              )}
            </div>
            <div className="measures">
              <MeasuredFields pointer={at} except={except} />
            </div>
          </div>
        );
      })}
      {addAxle && <AddButton addition={addAxle} id="add-axle" className="plain mt-2" />}
    </fieldset>
  );
}
