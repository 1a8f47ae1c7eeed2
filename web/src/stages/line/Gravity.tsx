import type { LineDrawing } from "../../api/types";
import { useWidth } from "../../drawing/useWidth";

const [LEFT, TOP, HEIGHT, BOTTOM, RIGHT] = [64, 12, 150, 44, 90];

type Chart = LineDrawing["gravity"][number];

/** What runs by its own fall, with the tank at other heights and through other bores; read across or back. */
export function Gravity({ charts, byHand }: { charts: readonly Chart[]; byHand: readonly string[] }) {
  if (charts.length === 0 && byHand.length === 0) return null;
  return (
    <section aria-label="By hand and by gravity" className="mt-5 grid gap-3">
      {charts.map((chart) => (
        <div key={chart.outlet} className="card p-4">
          <h3 className="text-[15px] font-[620]">{chart.title}</h3>
          <p className="text-[13px] text-ink-2">{chart.words}</p>
          <Curves chart={chart} />
          <p className="text-[13px] text-ink-2">{chart.wants}</p>
        </div>
      ))}
      {byHand.map((words) => (
        <p key={words} className="text-[13px]">
          {words}.
        </p>
      ))}
    </section>
  );
}

function Curves({ chart }: { chart: Chart }) {
  const [ref, width] = useWidth<HTMLDivElement>(600);
  const [low, high] = [chart.raises[0]?.at ?? 0, chart.raises.at(-1)?.at ?? 1];
  const most = chart.flows.at(-1)?.at ?? 1;
  const x = (m: number) => LEFT + ((m - low) / (high - low)) * (width - LEFT - RIGHT);
  const y = (lpm: number) => TOP + HEIGHT * (1 - lpm / most);
  return (
    <div ref={ref}>
      <svg width={width} height={TOP + HEIGHT + BOTTOM} role="img" aria-label={`${chart.title}. ${chart.wants}`}>
        {chart.flows.map((tick) => (
          <g key={tick.at}>
            <path d={`M${LEFT} ${y(tick.at)}H${width - RIGHT}`} className="stroke-rule" />
            <text x={LEFT - 6} y={y(tick.at) + 4} textAnchor="end" className="fill-ink-2 text-[11.5px]">
              {tick.text}
            </text>
          </g>
        ))}
        {chart.raises.map((tick) => (
          <g key={tick.at}>
            <path
              d={`M${x(tick.at)} ${TOP}V${TOP + HEIGHT}`}
              className={tick.at === 0 ? "stroke-ink" : "stroke-rule"}
            />
            <text x={x(tick.at)} y={TOP + HEIGHT + 15} textAnchor="middle" className="fill-ink-2 text-[11.5px]">
              {tick.at === 0 ? "now" : tick.text}
            </text>
          </g>
        ))}
        <text x={LEFT} y={TOP + HEIGHT + 34} className="fill-ink-2 text-[11.5px]">
          The tank lower or higher than now
        </text>
        {chart.curves.map((curve, index) => {
          const last = curve.points.at(-1);
          const before = chart.curves[index - 1]?.points.at(-1);
          // Names that would stand on each other move apart.
          const apart = last && before && Math.abs(y(last.lpm) - y(before.lpm)) < 13 ? -9 : 4;
          return (
            <g key={curve.name} fill="none">
              <path
                d={`M${curve.points.map((point) => `${x(point.raise_m)} ${y(point.lpm)}`).join("L")}`}
                className={curve.present ? "stroke-water" : "stroke-ink-3"}
                strokeWidth={curve.present ? 3 : 1.6}
                strokeDasharray={curve.present ? undefined : "6 4"}
              />
              {last && (
                <text x={x(last.raise_m) + 6} y={y(last.lpm) + apart} className="fill-ink text-[12px]">
                  {curve.name}
                </text>
              )}
            </g>
          );
        })}
      </svg>
    </div>
  );
}
