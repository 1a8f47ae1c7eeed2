import { api } from "../../api/client";
import type { LineEdit } from "../../api/types";
import { useAction } from "../../plan/server/useAction";
import { patched } from "../../plan/state/edits";
import { usePlan } from "../../plan/state/PlanContext";
import { withNewIds } from "../../plan/state/parts";

/** Does something to the line, in one step of undo; what could not be done is said, and why. */
export function useLineEdit() {
  const { plan, edit } = usePlan();
  const [said, doIt] = useAction();
  const change = (what: LineEdit, label: string) =>
    doIt(async () => edit(patched(plan, withNewIds(plan, await api.lineEdit(what, plan))), label), "");
  return [said, change] as const;
}
