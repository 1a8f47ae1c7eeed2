import { type ReactNode, useCallback, useMemo, useReducer, useState } from "react";
import { useNavigate } from "react-router";
import type { SavedPlan, Units } from "../api/types";
import { idAdded, patched, withValue } from "./edits";
import { keptHere, reopened } from "./keptHere";
import { PlanContext, type PlanWork } from "./PlanContext";
import { planReducer } from "./planState";
import { SumDialog } from "./SumDialog";
import { stageOf } from "./stages";
import { useAssessment } from "./useAssessment";
import { useSaving } from "./useSaving";
import { useTyping } from "./useTyping";

/** Holds one open plan: its edits, its saving and its assessment. */
export function PlanProvider({ saved, children }: { saved: SavedPlan; children: ReactNode }) {
  const [state, dispatch] = useReducer(planReducer, saved, (given) => reopened(given, keptHere(given.id)));
  const [sum, setSum] = useState<string | null>(null);
  const navigate = useNavigate();
  const { assessment, before, settled } = useAssessment(state.plan);
  useSaving(state, dispatch);
  const type = useTyping(state, dispatch);

  const goTo = useCallback(
    (pointer: string) => {
      setSum(null);
      navigate(`/plans/${saved.id}/${stageOf(pointer)}`, { state: { field: pointer } });
    },
    [navigate, saved.id],
  );

  const work = useMemo<PlanWork | null>(() => {
    if (!assessment) return null;
    const edit: PlanWork["edit"] = (plan, what, key) =>
      dispatch({ type: "edit", plan, what, ...(key !== undefined && { key }) });
    return {
      state,
      plan: state.plan,
      assessment,
      before,
      settled,
      edit,
      set: (pointer, value, what, key) => edit(withValue(state.plan, pointer, value), what, key),
      apply: ({ label, patch }) => edit(patched(state.plan, patch), label),
      add: ({ label, patch }) => {
        edit(patched(state.plan, patch), label);
        return idAdded(patch);
      },
      setUnits: (units: Partial<Units>) => {
        dispatch({ type: "untyped", under: "/" });
        edit({ ...state.plan, units: { ...state.plan.units, ...units } }, "units");
      },
      undo: () => dispatch({ type: "undo" }),
      redo: () => dispatch({ type: "redo" }),
      type,
      typed: (pointer) => state.typed[pointer],
      untype: (under) => dispatch({ type: "untyped", under }),
      settle: () => dispatch({ type: "settle" }),
      resolve: (resolution) => dispatch({ type: "resolve", with: resolution }),
      openSum: setSum,
      goTo,
    };
  }, [state, assessment, before, settled, type, goTo]);

  if (!work) return <p className="p-8 text-ink-2">Working it out …</p>;
  return (
    <PlanContext value={work}>
      {children}
      <SumDialog figureId={sum} onClose={() => setSum(null)} />
    </PlanContext>
  );
}
