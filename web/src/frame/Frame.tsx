import { Suspense, useEffect, useRef, useState } from "react";
import { useLocation, useNavigate } from "react-router";
import type { StageName } from "../api/types";
import { useKeeping, useReturn } from "../offline/useKeeping";
import { usePlan } from "../plan/state/PlanContext";
import { useStages } from "../plan/state/useStages";
import { fieldAt, focusSoon } from "../plan/widgets/focus";
import { OPEN_ABOVE } from "../plan/widgets/openAbove";
import { reveal } from "../plan/widgets/useReveal";
import { stageView } from "../stages/stageViews";
import { Answer } from "./Answer";
import { BenchEdge } from "./BenchEdge";
import { ConflictView } from "./ConflictView";
import { KeysDialog } from "./KeysDialog";
import type { Ground } from "./lightOrDark";
import { OPENED_PLACE } from "./OpenedPanel";
import { Riser } from "./Riser";
import { SightGlass } from "./SightGlass";
import { Snags } from "./Snags";
import { Waiting } from "./Waiting";

/** The frame of every stage: riser, sight glass, bench surface, snags, and the bench's edge below. */
export function Frame({ stage, ground, onTurnGround }: { stage: StageName; ground: Ground; onTurnGround: () => void }) {
  const [keys, showKeys] = useState(false);
  useStageKeys(stage, () => showKeys(true));
  useFieldToFocus();
  useKeeping();
  useReturn();
  const { assessment, plan } = usePlan();
  const View = stageView(stage);
  useEffect(() => {
    document.title = `${plan.name} · Yard Cask`;
  }, [plan.name]);
  return (
    <div className="frame">
      <button type="button" className="skip" onClick={() => focusSoon("h1")}>
        Skip to {assessment.stages[stage].title}
      </button>
      <Riser stage={stage} />
      <SightGlass stage={stage} />
      <main className="bench" key={stage} id="bench" tabIndex={-1}>
        <Answer answer={assessment.stages[stage].answer} />
        <Suspense fallback={<Waiting what="Drawing it …" />}>{View && <View />}</Suspense>
        {assessment.stages[stage].cautions.map((caution) => (
          <p key={caution} className="caution">
            {caution}
          </p>
        ))}
      </main>
      <div className="side">
        <div id={OPENED_PLACE} />
        <Snags stage={stage} />
      </div>
      <BenchEdge stage={stage} ground={ground} onTurnGround={onTurnGround} onKeys={() => showKeys(true)} />
      <ConflictView />
      <KeysDialog open={keys} onClose={() => showKeys(false)} />
    </div>
  );
}

/** Half a minute: a slow server takes its time with another stage. */
const MOST_TRIES = 600;

/** 1 to 9 go to a stage, [ and ] step, ? shows the keys, Ctrl-Z and Ctrl-Shift-Z undo and redo; not while something is typed or a dialog is open. */
function useStageKeys(stage: StageName, onHelp: () => void) {
  const { state, undo, redo } = usePlan();
  const stages = useStages();
  const navigate = useNavigate();
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      // In a select, what is typed looks for an option.
      const typing =
        event.target instanceof HTMLTextAreaElement ||
        event.target instanceof HTMLSelectElement ||
        (event.target instanceof HTMLInputElement && event.target.type === "text");
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z" && !typing) {
        event.preventDefault();
        if (event.shiftKey) redo();
        else undo();
      }
      if (typing || document.querySelector(OPEN_ABOVE) || event.ctrlKey || event.metaKey || event.altKey) return;
      if (event.key === "?") onHelp();
      const at = stages.findIndex((one) => one.name === stage);
      const wanted = event.key === "[" ? at - 1 : event.key === "]" ? at + 1 : Number.parseInt(event.key, 10) - 1;
      const next = stages[wanted];
      if (next) navigate(`/plans/${state.id}/${next.name}`);
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, [stage, stages, state.id, navigate, undo, redo, onHelp]);
}

/** Puts the cursor into the field that a link named. */
function useFieldToFocus() {
  const location = useLocation();
  /** What Back closes has the same key as the page under it: its field is not gone to again. */
  const done = useRef<string | null>(null);
  useEffect(() => {
    if (done.current === location.key) return;
    done.current = location.key;
    if (location.hash === "#snags") focusSoon("#snags");
    const pointer = (location.state as { field?: string } | null)?.field;
    if (!pointer) return;
    // The view of another stage may still be on its way.
    let tries = 0;
    const look = () => {
      reveal(pointer);
      const field = document.querySelector<HTMLElement>(fieldAt(pointer));
      if (field) focusSoon(fieldAt(pointer));
      else if (tries++ < MOST_TRIES) timer = setTimeout(look, 50);
    };
    let timer = setTimeout(look, 30);
    return () => clearTimeout(timer);
  }, [location]);
}
