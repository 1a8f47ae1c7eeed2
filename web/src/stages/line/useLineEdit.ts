import { api } from "../../api/client";
import type { LineEdit } from "../../api/types";
import { patched } from "../../plan/edits";
import { usePlan } from "../../plan/PlanContext";
import { withNewIds } from "../../plan/parts";
import { useDoing } from "../../plan/useDoing";

/** Does something to the line, in one step of undo; what could not be done is said, and why. */
export function useLineEdit() {
  const { plan, edit } = usePlan();
  const [said, doIt] = useDoing();
  const change = (what: LineEdit, label: string) =>
    doIt(async () => edit(patched(plan, withNewIds(plan, await api.lineEdit(what, plan))), label), "");
  return [said, change] as const;
}
