import { useState } from "react";
import { Away, api, Refused } from "../../api/client";
import type { LineEdit } from "../../api/types";
import { patched } from "../../plan/edits";
import { usePlan } from "../../plan/PlanContext";
import { withNewIds } from "../../plan/parts";

/** Does something to the line, in one step of undo; says what could not be done, and why. */
export function useLineEdit(): [string, (edit: LineEdit, label: string) => Promise<void>] {
  const { plan, edit } = usePlan();
  const [refused, setRefused] = useState("");
  const change = async (what: LineEdit, label: string) => {
    try {
      edit(patched(plan, withNewIds(plan, await api.lineEdit(what, plan))), label);
      setRefused("");
    } catch (error) {
      if (!(error instanceof Away || error instanceof Refused)) throw error;
      const first = error instanceof Refused ? error.problem.violations?.[0]?.message : undefined;
      setRefused(first ?? error.message);
    }
  };
  return [refused, change];
}
