import { Link } from "react-router";
import type { GlassCell, Severity, StageName } from "../api/types";
import { usePlan } from "../plan/state/PlanContext";

const INK: Record<Severity, string> = { stop: "text-rust", fix: "text-brass", watch: "" };

/** The few figures that trade against each other, always in sight. */
export function SightGlass({ stage }: { stage: StageName }) {
  const { assessment, before, state } = usePlan();
  const { snags } = assessment;
  return (
    <section aria-label="Sight glass" className="glass">
      {assessment.glass.map((cell) => (
        <Cell
          key={cell.label}
          cell={cell}
          was={before?.glass.find((one) => one.label === cell.label)}
          planId={state.id}
        />
      ))}
      <div className="glass-cell">
        <Link className="label glass-link" to={`/plans/${state.id}/${snags.stage ?? stage}#snags`}>
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
    <div className="glass-cell">
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
