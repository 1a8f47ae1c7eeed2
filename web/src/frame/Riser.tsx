import { Link } from "react-router";
import type { StageName, StageState } from "../api/types";
import { usePlan } from "../plan/PlanContext";
import { STAGES } from "../plan/stages";

const TURN: Record<StageState, number> = { open: 0, half: 45, shut: 90 };
const SAID: Record<StageState, string> = { open: "clear", half: "something to fix", shut: "stopped" };

/** The stages as valves along one water pipe; water stands in it up to the last stage that is whole. */
export function Riser({ stage }: { stage: StageName }) {
  const { assessment, state } = usePlan();
  const firstShut = STAGES.findIndex((one) => assessment.stages[one.name].state !== "open");
  const whole = firstShut < 0 ? STAGES.length : firstShut;
  return (
    <nav aria-label="Stages" className="riser">
      <ol>
        {STAGES.map((one, index) => {
          const valve = assessment.stages[one.name].state;
          return (
            <li key={one.name} className={index < whole ? "wet" : "dry"}>
              <Link
                to={`/plans/${state.id}/${one.name}`}
                aria-current={one.name === stage ? "page" : undefined}
                aria-label={`${one.title}: ${SAID[valve]}`}
                aria-keyshortcuts={String(index + 1)}
                className="riser-stage"
              >
                <svg viewBox="-16 -16 32 32" className={`valve valve-${valve}`} aria-hidden>
                  <g transform={`rotate(${TURN[valve]})`}>
                    <path d="M-9-11H9L-9 11H9Z" strokeWidth="2.2" strokeLinejoin="round" />
                  </g>
                </svg>
                <span>{one.title}</span>
              </Link>
            </li>
          );
        })}
        <li aria-hidden className={`riser-rest ${whole === STAGES.length ? "wet" : "dry"}`} />
      </ol>
    </nav>
  );
}
