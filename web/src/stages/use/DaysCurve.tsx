import { useWidth } from "../../drawing/useWidth";
import { usePlan } from "../../plan/state/PlanContext";

const HEIGHT = 214;
const [LEFT, RIGHT, TOP, BOTTOM] = [40, 18, 14, 30];

/** Litres to carry against days, with the band of the likely spread and the tanks' usable volume marked on it. */
export function DaysCurve() {
  const { assessment, plan } = usePlan();
  const [ref, width] = useWidth<HTMLDivElement>(600);
  const curve = assessment.stages.use.drawing.curve;
  const x = (days: number) => LEFT + (days / curve.to_days) * (width - LEFT - RIGHT);
  const y = (litres: number) => HEIGHT - BOTTOM - (litres / curve.to_l) * (HEIGHT - TOP - BOTTOM);
  const line = (of: "litres" | "low" | "high") =>
    curve.points.map((point) => `${x(point.days).toFixed(1)} ${y(point[of]).toFixed(1)}`);
  const step = [0.5, 1, 2, 5, 7, 14, 28].find((days) => curve.to_days / days <= 7) ?? 28;
  const days = Array.from({ length: Math.floor(curve.to_days / step) }, (_, index) => (index + 1) * step);
  const short = curve.usable_l < curve.needed_l - 0.05;
  const usable = assessment.figures["use.aboard"];
  const needed = assessment.figures["use.needed"];
  const atEnd = x(curve.days) > width * 0.62;
  // “2.5 days” is wider than the margin beside the last mark.
  const hasRoom = (day: number) => day !== days.at(-1) || x(day) < width - 30;
  return (
    <div ref={ref} className="min-w-0">
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={`Litres to carry against days. ${needed?.text} for the stay; ${usable?.text} is aboard.`}
      >
        <text x="2" y="10" style={{ fontSize: 12, fill: "var(--ink-3)" }}>
          {plan.units.volume}
        </text>
        {curve.ticks.map((tick) => (
          <g key={tick.text}>
            <path d={`M${LEFT} ${y(tick.litres)}H${width - RIGHT}`} className="stroke-rule" />
            <text x={LEFT - 7} y={y(tick.litres) + 4} textAnchor="end" style={{ fontSize: 12, fill: "var(--ink-3)" }}>
              {tick.text}
            </text>
          </g>
        ))}
        {days.map((day) => (
          <g key={day}>
            <path d={`M${x(day)} ${HEIGHT - BOTTOM}v4`} className="stroke-ink-3" />
            <text
              x={hasRoom(day) ? x(day) : width}
              y={HEIGHT - BOTTOM + 17}
              textAnchor={hasRoom(day) ? "middle" : "end"}
              style={{ fontSize: 12, fill: "var(--ink-3)" }}
            >
              {day}
              {day === days.at(-1) && (day === 1 ? " day" : " days")}
            </text>
          </g>
        ))}
        <path d={`M${LEFT} ${HEIGHT - BOTTOM}H${width - RIGHT}`} className="stroke-ink" />
        <path d={`M${[...line("low"), ...line("high").reverse()].join("L")}Z`} className="fill-wash" opacity="0.55" />
        <path d={`M${line("litres").join("L")}`} fill="none" className="stroke-water" strokeWidth="2.4" />
        <path
          d={`M${x(curve.days)} ${HEIGHT - BOTTOM}V${y(curve.needed_l)}`}
          className="stroke-ink"
          strokeDasharray="2 4"
        />
        <circle cx={x(curve.days)} cy={y(curve.needed_l)} r="5" className="fill-water stroke-sheet" strokeWidth="1.5" />
        <text
          x={x(curve.days) + (atEnd ? -10 : 10)}
          y={y(curve.needed_l) + (short ? -7 : 16)}
          textAnchor={atEnd ? "end" : "start"}
          style={{ fontSize: 13.5, fontWeight: 640, paintOrder: "stroke", stroke: "var(--ground)", strokeWidth: 4 }}
        >
          needs {needed?.text}
        </text>
        <path
          d={`M${LEFT} ${y(curve.usable_l)}H${width - RIGHT}`}
          className={short ? "stroke-rust" : "stroke-ink"}
          strokeWidth="1.8"
        />
        <text
          x={LEFT + 8}
          y={y(curve.usable_l) - 6}
          className={short ? "fill-rust" : ""}
          style={{
            fontSize: 13,
            fontWeight: 560,
            paintOrder: "stroke",
            stroke: "var(--ground)",
            strokeWidth: 4,
            ...(short && { fill: "var(--rust)" }),
          }}
        >
          aboard: {usable?.text}
        </text>
      </svg>
    </div>
  );
}
