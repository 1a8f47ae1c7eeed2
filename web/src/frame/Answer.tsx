import type { Assessment } from "../api/types";
import { usePlan } from "../plan/state/PlanContext";
import { pointerOf } from "../plan/state/parts";
import { isUncounted } from "../plan/state/planState";
import { FigureButton } from "../plan/widgets/FigureButton";
import { LONG_MS, useWaited } from "../plan/widgets/useWaited";

/** What the stage says: one sentence, its figure in the colour of water, and a line of reason. While it is older than what is typed it says so. */
export function Answer({ answer }: { answer: Assessment["stages"]["use"]["answer"] }) {
  const { settled, uncounted, away, goTo, plan, state } = usePlan();
  const place = Object.keys(state.typed).find((one) => isUncounted(state.typed[one]));
  const waiting = place && pointerOf(plan, place);
  const older = !settled || uncounted > 0;
  const isLong = useWaited(!settled, LONG_MS) >= LONG_MS;
  return (
    <header className="answer" aria-busy={!settled}>
      <h1 tabIndex={-1} aria-live="polite" className={older ? "older" : ""}>
        {answer.before}
        <FigureButton id={answer.figure_id} className="text-water">
          {answer.figure}
        </FigureButton>
        {answer.after}
      </h1>
      <p className="mt-1 text-[15px] text-ink-2">{answer.reason}</p>
      {isLong && !settled && (
        <p className="answer-note" role="status">
          {away
            ? "The server is away. This is the answer from before"
            : "Still working it out. This is the answer from before"}
          {state.what && ` (${state.what})`}.
        </p>
      )}
      {uncounted > 0 && (
        <p className="answer-note" role="status">
          {uncounted === 1 ? "One entry does" : `${uncounted} entries do`} not count here yet.{" "}
          {waiting && (
            <button type="button" className="quiet" onClick={() => goTo(waiting)}>
              Show it
            </button>
          )}
        </p>
      )}
    </header>
  );
}
