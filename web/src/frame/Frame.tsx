import { useEffect } from "react";
import { useLocation, useNavigate } from "react-router";
import type { StageName } from "../api/types";
import { usePlan } from "../plan/PlanContext";
import { STAGES } from "../plan/stages";
import { reveal } from "../plan/useReveal";
import { LoadStage } from "../stages/load/LoadStage";
import { TanksStage } from "../stages/tanks/TanksStage";
import { UseStage } from "../stages/use/UseStage";
import { Answer } from "./Answer";
import { BenchEdge } from "./BenchEdge";
import { ConflictView } from "./ConflictView";
import type { Ground } from "./ground";
import { Riser } from "./Riser";
import { SightGlass } from "./SightGlass";
import { Snags } from "./Snags";

const STAGE_VIEWS = { use: UseStage, load: LoadStage, tanks: TanksStage };

/** The frame of every stage: riser, sight glass, bench surface, snags, and the bench's edge below. */
export function Frame({ stage, ground, onTurnGround }: { stage: StageName; ground: Ground; onTurnGround: () => void }) {
  useStageKeys(stage);
  useFieldToFocus();
  const { assessment, plan } = usePlan();
  const View = STAGE_VIEWS[stage];
  useEffect(() => {
    document.title = `${plan.name} · Yard Cask`;
  }, [plan.name]);
  return (
    <div className="frame">
      <Riser stage={stage} />
      <SightGlass />
      <main className="bench" key={stage}>
        <Answer answer={assessment.stages[stage].answer} />
        <View />
        {assessment.stages[stage].cautions.map((caution) => (
          <p key={caution} className="caution">
            {caution}
          </p>
        ))}
      </main>
      <Snags stage={stage} />
      <BenchEdge ground={ground} onTurnGround={onTurnGround} />
      <ConflictView />
    </div>
  );
}

/** 1 to 9 go to a stage, [ and ] step, Ctrl-Z and Ctrl-Shift-Z undo and redo; not while something is typed or a dialog is open. */
function useStageKeys(stage: StageName) {
  const { state, undo, redo } = usePlan();
  const navigate = useNavigate();
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const typing = event.target instanceof HTMLInputElement && event.target.type === "text";
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z" && !typing) {
        event.preventDefault();
        if (event.shiftKey) redo();
        else undo();
      }
      const elsewhere = event.target instanceof Element && event.target.closest("[role=dialog], [role=menu]");
      if (typing || elsewhere || event.ctrlKey || event.metaKey || event.altKey) return;
      const at = STAGES.findIndex((one) => one.name === stage);
      const wanted = event.key === "[" ? at - 1 : event.key === "]" ? at + 1 : Number.parseInt(event.key, 10) - 1;
      const next = STAGES[wanted];
      if (next) navigate(`/plans/${state.id}/${next.name}`);
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, [stage, state.id, navigate, undo, redo]);
}

/** Puts the cursor into the field that a link named. */
function useFieldToFocus() {
  const location = useLocation();
  useEffect(() => {
    if (location.hash === "#snags") document.getElementById("snags")?.scrollIntoView({ block: "start" });
    const pointer = (location.state as { field?: string } | null)?.field;
    if (!pointer) return;
    reveal(pointer);
    const timer = setTimeout(() => {
      const field = document.querySelector<HTMLInputElement>(`[data-pointer="${CSS.escape(pointer)}"]`);
      field?.scrollIntoView({ block: "center" });
      field?.focus();
    }, 60);
    return () => clearTimeout(timer);
  }, [location]);
}
