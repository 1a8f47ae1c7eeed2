import { Disclosure, DisclosureButton, DisclosurePanel } from "@headlessui/react";
import { useRef } from "react";
import { ChoiceField } from "../../fields/ChoiceField";
import { MeasuredFields } from "../../fields/MeasuredFields";
import { useChoices } from "../../plan/server/useCatalogue";
import { valueAt } from "../../plan/state/edits";
import { usePlan } from "../../plan/state/PlanContext";
import { allReadings } from "../../plan/state/readingAt";
import { useReveal } from "../../plan/widgets/useReveal";
import { usePrinted } from "../../print/printed";
import { Axles } from "./Axles";

const RIG = "/load/rig";
const AXLES = `${RIG}/axles`;
/** Where it is not said, the plan’s units say it. */
const NOSE = `${RIG}/nose_practice`;

/** The rig's own figures: to be copied from plate and ticket and measured once, under the headings that the core gives them. */
export function RigFields() {
  const { plan, assessment } = usePlan();
  const choices = useChoices();
  const printed = usePrinted();
  const button = useRef<HTMLButtonElement>(null);
  useReveal((pointer) => {
    if (pointer.startsWith(`${RIG}/`) && button.current?.getAttribute("aria-expanded") === "false")
      button.current.click();
  });
  const readings = allReadings(assessment).filter(
    ([pointer]) => pointer.startsWith(`${RIG}/`) && !pointer.startsWith(`${AXLES}/`),
  );
  const groups = [...new Set(readings.map(([, reading]) => reading.group))];
  const chosenIn = (group: string) =>
    Object.keys(choices).filter(
      (pointer) =>
        pointer.startsWith(`${RIG}/`) &&
        !pointer.startsWith(`${AXLES}/`) &&
        choices[pointer]?.group === group &&
        (valueAt(plan, pointer) !== undefined || (plan.load.rig.kind === "trailer" && pointer === NOSE)),
    );
  return (
    <Disclosure as="section" className="card mt-4" defaultOpen={printed}>
      {printed ? (
        <h2 className="px-4 py-2.5">{assessment.stages.load.drawing.papers}</h2>
      ) : (
        <DisclosureButton ref={button} className="flex min-h-11 w-full items-center justify-between px-4">
          <h2>{assessment.stages.load.drawing.papers}</h2>
          <span className="ui-open-mark" aria-hidden />
        </DisclosureButton>
      )}
      <DisclosurePanel className="flex flex-col gap-4 px-4 pb-4">
        <Axles />
        {groups.map((group) => (
          <fieldset key={group}>
            <legend className="mb-1 font-[620]">{group}</legend>
            <div className="measures">
              <MeasuredFields pointer={RIG} group={group} />
            </div>
            <div className="mt-2 flex flex-wrap gap-x-4 gap-y-2">
              {chosenIn(group).map((pointer) => (
                <ChoiceField key={pointer} pointer={pointer} />
              ))}
            </div>
          </fieldset>
        ))}
      </DisclosurePanel>
    </Disclosure>
  );
}
