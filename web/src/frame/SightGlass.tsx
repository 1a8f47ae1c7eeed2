import { Link } from "react-router";
import type { GlassCell, Severity, StageName } from "../api/types";
import { usePlan } from "../plan/state/PlanContext";

const INK: Record<Severity, string> = { stop: "text-rust", fix: "text-brass", watch: "" };

/** Of the stage that is looked at, besides those that are always in sight. */
const MOST_OF_A_STAGE = 3;

/** The few figures that trade against each other, always in sight, and where there is room for them those of this stage. */
export function SightGlass({ stage }: { stage: StageName }) {
  const { assessment, before, state, open } = usePlan();
  const { snags } = assessment;
  const own = assessment.glass.filter((cell) => !cell.permanent && cell.stage === stage).slice(0, MOST_OF_A_STAGE);
  return (
    <section aria-label="Sight glass" className="glass">
      {[...assessment.glass.filter((cell) => cell.permanent), ...own].map((cell) => (
        <Cell
          key={cell.label}
          cell={cell}
          was={before?.glass.find((one) => one.label === cell.label)}
          planId={state.id}
        />
      ))}
      <div className="glass-cell">
        <Link className="label glass-link" to={`/plans/${state.id}/${stage}#snags`} onClick={() => open(null)}>
          Snags
        </Link>
        <p className="glass-figure">
          <span className={`big ${INK[snags.severity ?? "watch"]}`}>{snags.figure}</span>{" "}
          <span className="beside">{snags.words}</span>
        </p>
      </div>
    </section>
  );
}

function Cell({ cell, was, planId }: { cell: GlassCell; was: GlassCell | undefined; planId: string }) {
  const { openSum, state } = usePlan();
  const moved = was && (was.figure !== cell.figure || was.beside !== cell.beside);
  const ink = INK[cell.severity ?? "watch"];
  return (
    <div className={`glass-cell ${cell.permanent ? "" : "glass-own"}`}>
      <Link className="label glass-link" to={`/plans/${planId}/${cell.stage}`}>
        {cell.label}
      </Link>
      <p className="glass-figure">
        <button
          type="button"
          className={`figure big ${ink}`}
          onClick={() => openSum(cell.figure_id)}
          aria-label={`${cell.label}: ${cell.figure} ${cell.symbol} ${cell.beside}. Open the sum`}
        >
          {cell.figure}
        </button>{" "}
        <span className="symbol">{cell.symbol}</span>
        <span className={`beside ${moved ? "beside-short" : ""}`} title={cell.beside}>
          {cell.beside}
        </span>
      </p>
      {cell.level !== undefined && (
        <div className="tube" aria-hidden>
          <i
            className={`water-moves ${cell.severity === "stop" ? "bg-rust" : "bg-water"}`}
            style={{ width: `${cell.level * 100}%` }}
          />
          {cell.mark !== undefined && cell.mark < 0.995 && <b style={{ left: `${cell.mark * 100}%` }} />}
        </div>
      )}
      {moved && (
        <p className="was" title={state.what}>
          was {was.figure} {was.symbol} {was.beside !== cell.beside && was.beside}
          {state.what && ` (${state.what})`}
        </p>
      )}
    </div>
  );
}
