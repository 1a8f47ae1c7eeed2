import { type ReactNode, useCallback, useMemo, useReducer, useState } from "react";
import { useNavigate } from "react-router";
import type { Figure, SavedPlan, Units } from "../../api/types";
import { reopened } from "../drafts/draftStorage";
import type { LocalDraft } from "../drafts/localDraft";
import { useAssessment } from "../server/useAssessment";
import { useSaving } from "../server/useSaving";
import { fieldAt, focusSoon } from "../widgets/focus";
import { KeptEditRefused } from "../widgets/KeptEditRefused";
import { SumDialog } from "../widgets/SumDialog";
import { reveal } from "../widgets/useReveal";
import { patched, valueAt, withValue } from "./edits";
import { PlanContext, type PlanWork } from "./PlanContext";
import { partAdded, placeOf, pointerOf, withNewIds } from "./parts";
import { isReading, isUncounted, planReducer } from "./planState";
import { readingAt } from "./readingAt";
import { useTyping } from "./useTyping";

/** A plan as it comes from the server, and what this browser kept of it. */
export type Opening = { saved: SavedPlan; kept: readonly LocalDraft[]; tab: string };

/** Holds one open plan: its edits, its saving, and its assessment with the stage that is looked at. */
export function PlanProvider({ opening, stage, children }: { opening: Opening; stage: string; children: ReactNode }) {
  const { saved, kept, tab } = opening;
  const [state, dispatch] = useReducer(planReducer, saved, (given) => reopened(given, kept));
  const [sum, setSum] = useState<string | Figure | null>(null);
  const [open, setOpen] = useState<{ stage: string; id: string } | null>(null);
  const opened = open?.stage === stage ? open.id : null;
  const navigate = useNavigate();
  const { assessment, before, isOfPlan, away, refused } = useAssessment(
    state.plan,
    saved.id,
    stage,
    stage === "line" ? opened : null,
  );
  const settled = isOfPlan && !isReading(state);
  useSaving(state, dispatch, tab);
  const type = useTyping(state, dispatch);

  const goTo = useCallback(
    (pointer: string) => {
      setSum(null);
      const section = pointer.split("/")[1] ?? "";
      const inStage = assessment && section in assessment.stages ? section : stage;
      const to = (assessment && readingAt(assessment, pointer)?.stage) ?? inStage;
      navigate(`/plans/${saved.id}/${to}`, { state: { field: pointer } });
    },
    [navigate, saved.id, assessment, stage],
  );

  const work = useMemo<PlanWork | null>(() => {
    if (!assessment) return null;
    const edit: PlanWork["edit"] = (plan, what, key) =>
      dispatch({ type: "edit", from: state.plan, plan, what, ...(key !== undefined && { key }) });
    return {
      state,
      plan: state.plan,
      assessment,
      before,
      settled,
      away,
      opened,
      open: (id) => setOpen(id === null ? null : { stage, id }),
      edit,
      set: (pointer, value, what, key) => edit(withValue(state.plan, pointer, value), what, key),
      apply: ({ label, patch }) => edit(patched(state.plan, withNewIds(state.plan, patch)), label),
      add: ({ label, patch }) => {
        const added = withNewIds(state.plan, patch);
        const next = patched(state.plan, added);
        const place = partAdded(added) ?? "";
        edit(next, label);
        const name = `${pointerOf(next, place)}/name`;
        reveal(name);
        focusSoon(fieldAt(name));
        return place.slice(place.indexOf("@") + 1);
      },
      remove: (pointer, focus) => {
        dispatch({ type: "untyped", under: placeOf(state.plan, pointer) });
        edit(
          patched(state.plan, [{ op: "remove", path: pointer }]),
          `${valueAt(state.plan, `${pointer}/name`)} removed`,
        );
        focusSoon(focus);
      },
      setUnits: (units: Partial<Units>) => {
        dispatch({ type: "counted" });
        edit({ ...state.plan, units: { ...state.plan.units, ...units } }, "units");
      },
      undo: () => dispatch({ type: "undo" }),
      redo: () => dispatch({ type: "redo" }),
      restored: (saved, what) => dispatch({ type: "restored", saved, what }),
      type: (pointer, text, what, sure) => type(placeOf(state.plan, pointer), text, what, sure),
      typed: (pointer) => state.typed[placeOf(state.plan, pointer)],
      untype: (under) => dispatch({ type: "untyped", under: placeOf(state.plan, under) }),
      uncounted: Object.values(state.typed).filter(isUncounted).length,
      settle: () => dispatch({ type: "settle" }),
      resolve: (resolution) => dispatch({ type: "resolve", with: resolution }),
      openSum: setSum,
      goTo,
    };
  }, [state, assessment, before, settled, away, opened, stage, type, goTo]);

  if (!work && refused) {
    return <KeptEditRefused why={refused} onUndo={() => dispatch({ type: "undo" })} undoes={state.past.length > 0} />;
  }
  if (!work) return <p className="p-8 text-ink-2">Working it out …</p>;
  return (
    <PlanContext value={work}>
      {children}
      <SumDialog of={sum} onClose={() => setSum(null)} />
    </PlanContext>
  );
}
