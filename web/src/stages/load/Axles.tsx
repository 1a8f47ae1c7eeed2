import { ChoiceField } from "../../fields/ChoiceField";
import { MeasuredFields } from "../../fields/MeasuredFields";
import { TextField } from "../../fields/TextField";
import { usePlan } from "../../plan/state/PlanContext";
import { AddButton } from "../../plan/widgets/AddButton";
import { focusSoon } from "../../plan/widgets/focus";

const AXLES = "/load/rig/axles";

/** The axles of a vehicle or a trailer; those of a vehicle behind its first carry together, as all of a trailer’s do. */
export function Axles() {
  const { plan, assessment, settled, apply, untype } = usePlan();
  const rig = plan.load.rig;
  if (rig.kind === "boat") return null;
  const first = rig.kind === "road" ? 1 : 0;
  const together = rig.axles.length - first > 1;
  const { add_axle: addAxle, remove_axles: removals } = assessment.stages.load.drawing;
  return (
    <fieldset>
      <legend className="mb-1 font-[620]">{together ? "Axles; the rear ones share their load" : "Axles"}</legend>
      {rig.axles.map((axle, index) => {
        const at = `${AXLES}/${index}`;
        const shares = together && index >= first;
        const removal = removals[index - first];
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
                  aria-disabled={!settled}
                  onClick={() => {
                    if (!settled) return;
                    untype(at);
                    apply(removal);
                    focusSoon("#add-axle");
                  }}
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
