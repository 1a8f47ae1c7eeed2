import { useWidth } from "../../drawing/useWidth";
import { usePlan } from "../../plan/state/PlanContext";

const [LEFT, RIGHT, TOP, BOTTOM] = [44, 16, 12, 30];
const HEIGHT = 190;
/** Lines are told apart by their dashes; the one that is over is in rust. */
const DASHES = ["", "7 4", "2 4", "10 3 2 3"];

/** What each litre drawn does, from brim full to used up: what is left to each limit. */
export function StayCurve() {
  const { assessment } = usePlan();
  const [ref, width] = useWidth<HTMLDivElement>(600);
  const stay = assessment.stages.load.drawing.stay;
  if (!stay) return null;
  const all = stay.limits.flatMap((line) => line.kg);
  const [low, high] = [Math.min(0, ...all), Math.max(0, ...all)];
  const pad = (high - low || 1) * 0.06;
  const x = (step: number) => LEFT + (step / ((stay.limits[0]?.kg.length ?? 2) - 1)) * (width - LEFT - RIGHT);
  const y = (kg: number) => TOP + ((high + pad - kg) / (high - low + 2 * pad)) * (HEIGHT - TOP - BOTTOM);
  return (
    <section aria-label="Over the stay" className="mt-5">
      <h2 className="label">Over the stay: what is left to each limit as the water is used</h2>
      <div ref={ref} className="min-w-0">
        <svg
          width={width}
          height={HEIGHT}
          role="img"
          aria-label={stay.limits.map((line) => `${line.name}: ${line.words}`).join("; ")}
          fill="none"
        >
          {low < 0 && (
            <rect
              x={LEFT}
              y={y(0)}
              width={width - LEFT - RIGHT}
              height={HEIGHT - BOTTOM - y(0)}
              className="fill-rust"
              opacity="0.08"
            />
          )}
          <path d={`M${LEFT} ${y(0)}H${width - RIGHT}`} className="stroke-ink" strokeWidth="1.4" />
          <path
            d={`M${LEFT} ${TOP}V${HEIGHT - BOTTOM}M${width - RIGHT} ${TOP}V${HEIGHT - BOTTOM}`}
            className="stroke-rule"
          />
          {stay.limits.map((line, index) => (
            <path
              key={line.name}
              d={line.kg.map((kg, step) => `${step ? "L" : "M"}${x(step).toFixed(1)} ${y(kg).toFixed(1)}`).join("")}
              className={line.broken ? "stroke-rust" : "stroke-ink"}
              strokeWidth="2"
              strokeDasharray={DASHES[index % DASHES.length]}
            />
          ))}
          <g style={{ fontSize: 12 }} className="fill-ink-3">
            <text x={LEFT - 6} y={y(0) + 4} textAnchor="end">
              limit
            </text>
            <text x={LEFT} y={HEIGHT - 10}>
              brim full
            </text>
            <text x={width - RIGHT} y={HEIGHT - 10} textAnchor="end">
              used up, {stay.drawn}
            </text>
          </g>
        </svg>
      </div>
      <ul className="flex flex-wrap gap-x-6 gap-y-1 text-[13px]">
        {[...stay.limits, ...(stay.side ? [stay.side] : [])].map((line, index) => (
          <li key={line.name} className="flex items-center gap-2">
            {index < stay.limits.length && (
              <svg width="34" height="8" aria-hidden="true">
                <path
                  d="M0 4H34"
                  className={line.broken ? "stroke-rust" : "stroke-ink"}
                  strokeWidth="2"
                  strokeDasharray={DASHES[index % DASHES.length]}
                />
              </svg>
            )}
            <span>
              {line.name}: <span className={line.broken ? "text-rust" : "text-ink-2"}>{line.words}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
