import { DialogTitle } from "@headlessui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../../api/client";
import { Refused } from "../../api/errors";
import type { JointRow, Violation } from "../../api/types";
import { EndFields, type Said as SaidEnd } from "../../joints/EndFields";
import { Said, useAction } from "../../plan/server/useAction";
import { patched } from "../../plan/state/edits";
import { usePlan } from "../../plan/state/PlanContext";
import { OverPage } from "../../plan/widgets/OverPage";

const BARB: SaidEnd = { system: "barb", outer_mm: "" };

type Props = { joint: JointRow; side: "tube" | "port"; onClose: () => void };

/** What an end is, as somebody has measured it with a caliper. */
export function SayEnd({ joint, side, onClose }: Props) {
  const { plan, edit } = usePlan();
  const [end, setEnd] = useState<SaidEnd>(BARB);
  const [wrong, setWrong] = useState<readonly Violation[]>([]);
  const [said, doIt] = useAction();
  const forms = useQuery({ queryKey: ["end-forms"], queryFn: api.endForms, staleTime: Number.POSITIVE_INFINITY }).data;
  const where = side === "tube" ? joint.pipe : joint.at;
  const keep = () =>
    doIt(async () => {
      try {
        edit(patched(plan, await api.sayEnd(joint.id, side, end, plan)), `${where}: end measured`);
        onClose();
      } catch (error) {
        const refused = error instanceof Refused ? (error.problem.violations ?? []) : [];
        setWrong(refused);
        const isAtAField = ({ pointer }: Violation) => Object.keys(end).some((key) => pointer.endsWith(`/${key}`));
        // What is wrong with a field is said there, and not once more.
        if (refused.length === 0 || !refused.every(isAtAField)) throw error;
      }
    }, "");
  return (
    <OverPage open onClose={onClose} className="max-w-md gap-3">
      <DialogTitle className="text-[18px] font-[640]">
        {side === "tube" ? `Both ends of ${where}` : `What ${where} joins to`}
      </DialogTitle>
      {forms && <EndFields label="As measured" forms={forms} said={end} onSay={setEnd} wrong={wrong} />}
      <Said said={said} />
      <div className="flex gap-2">
        <button type="button" className="plain" onClick={() => void keep()}>
          Use this
        </button>
        <button type="button" className="quiet" onClick={onClose}>
          Cancel
        </button>
      </div>
    </OverPage>
  );
}
