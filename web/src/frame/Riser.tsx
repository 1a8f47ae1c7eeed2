import { useEffect, useRef } from "react";
import { Link } from "react-router";
import type { StageName, Valve } from "../api/types";
import { usePlan } from "../plan/state/PlanContext";
import { useStages } from "../plan/state/useStages";

const TURN: Record<Valve, number> = { open: 0, half: 45, shut: 90, not_begun: 0 };

/** The stages as valves along one water pipe; water stands in it up to the last stage that is whole. */
export function Riser({ stage }: { stage: StageName }) {
  const { state } = usePlan();
  const stages = useStages();
  const firstShut = stages.findIndex((one) => one.valve !== "open");
  const whole = firstShut < 0 ? stages.length : firstShut;
  const here = useRef<HTMLAnchorElement>(null);
  // In the hand the row of stages may be longer than the screen is wide.
  // biome-ignore lint/correctness/useExhaustiveDependencies: whenever another stage is looked at
  useEffect(() => {
    const row = here.current?.closest("ol");
    if (row && here.current)
      row.scrollLeft = here.current.offsetLeft - (row.clientWidth - here.current.offsetWidth) / 2;
  }, [stage]);
  return (
    <nav aria-label="Stages" className="riser">
      <ol>
        {stages.map((one, index) => (
          <li key={one.name} className={index < whole ? "wet" : "dry"}>
            <Link
              ref={one.name === stage ? here : undefined}
              to={`/plans/${state.id}/${one.name}`}
              aria-current={one.name === stage ? "page" : undefined}
              aria-label={`${one.title}: ${one.state}`}
              aria-keyshortcuts={String(index + 1)}
              className="riser-stage"
            >
              <svg viewBox="-16 -16 32 32" className={`valve valve-${one.valve}`} aria-hidden>
                <g transform={`rotate(${TURN[one.valve]})`}>
                  <path d="M-9-11H9L-9 11H9Z" strokeWidth="2.2" strokeLinejoin="round" />
                </g>
              </svg>
              <span>{one.title}</span>
            </Link>
          </li>
        ))}
        <li aria-hidden className={`riser-rest ${whole === stages.length ? "wet" : "dry"}`} />
      </ol>
    </nav>
  );
}
