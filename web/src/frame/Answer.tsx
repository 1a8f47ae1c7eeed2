import type { Assessment } from "../api/types";
import { FigureButton } from "../plan/FigureButton";

/** What the stage says: one sentence, its figure in the colour of water, and a line of reason. */
export function Answer({ answer }: { answer: Assessment["stages"]["use"]["answer"] }) {
  return (
    <header className="mb-3 max-w-[96ch]">
      <h1 aria-live="polite">
        {answer.before}
        <FigureButton id={answer.figure_id} className="text-water">
          {answer.figure}
        </FigureButton>
        {answer.after}
      </h1>
      <p className="mt-1 text-[15px] text-ink-2">{answer.reason}</p>
    </header>
  );
}
