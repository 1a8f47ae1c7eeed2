import type { LineDrawing, PressureStair } from "../../api/types";
import { type Layout, LEFT } from "./layout";

const [TOP, HEIGHT, BOTTOM, HALF] = [30, 160, 34, 14];
/** So near the edge a step’s words stand on its other side. */
const ROOM = 56;
/** Half of what is left at the end takes so much: “150 kPa”. */
const END = 28;

/** The pressure along the water, one step for each part, each under its part. */
export function Stair({ drawing, stair, layout }: { drawing: LineDrawing; stair: PressureStair; layout: Layout }) {
  const { width } = layout;
  const columns = new Map(drawing.elements.map((element) => [element.id, element]));
  const ticks = stair.ticks;
  const highest = ticks.at(-1)?.kpa ?? 1;
  const lowest = Math.min(0, ...stair.steps.flatMap((step) => [step.in_kpa, step.out_kpa]));
  const x = (id: string) => layout.x(columns.get(id)?.column ?? 0);
  const y = (kpa: number) => TOP + HEIGHT * (1 - (kpa - lowest) / (highest - lowest));
  const points = stair.steps.flatMap((step) => {
    const middle = x(step.element);
    return [`${middle - HALF} ${y(step.in_kpa)}`, `${middle + HALF} ${y(step.out_kpa)}`];
  });
  const words = stair.steps
    .filter((step) => step.words)
    .map((step) => `${columns.get(step.element)?.name} ${step.words}`);
  return (
    <svg
      width={width}
      height={TOP + HEIGHT + BOTTOM}
      role="img"
      aria-label={`${stair.title}: ${words.join(", ")}; ${stair.end} is left.`}
    >
      <text x="2" y="14" className="fill-ink-2 text-[12px] font-[560]">
        {stair.title}
      </text>
      {ticks.map((tick) => (
        <g key={tick.kpa}>
          <path
            d={`M${LEFT - 6} ${y(tick.kpa)}H${width - 4}`}
            className={tick.kpa === 0 ? "stroke-ink" : "stroke-rule"}
          />
          <text x={LEFT - 12} y={y(tick.kpa) + 4} textAnchor="end" className="fill-ink-2 text-[12px]">
            {tick.text}
          </text>
        </g>
      ))}
      {stair.steps.map((step) => (
        <path
          key={step.element}
          d={`M${x(step.element)} 20V${y(lowest)}`}
          className="stroke-ink-3"
          strokeWidth=".8"
          strokeDasharray="2 4"
        />
      ))}
      {points.length > 0 && (
        <>
          <path
            d={`M${points.join("L")}L${x(stair.steps.at(-1)?.element ?? "") + HALF} ${y(lowest)}L${x(stair.steps[0]?.element ?? "") - HALF} ${y(lowest)}Z`}
            className="fill-wash"
            opacity=".55"
          />
          <path
            d={`M${points.join("L")}`}
            fill="none"
            className="stroke-water"
            strokeWidth="3"
            strokeLinejoin="round"
          />
        </>
      )}
      {stair.steps.map((step) => {
        const middle = x(step.element);
        if (!step.words) return null;
        return (
          <g key={step.element}>
            {step.most && (
              <path
                d={`M${middle - HALF} ${y(step.in_kpa)}L${middle + HALF} ${y(step.out_kpa)}`}
                className="stroke-ink"
                strokeWidth="4"
              />
            )}
            <text
              x={middle + (middle + ROOM > width ? -HALF - 4 : HALF + 2)}
              textAnchor={middle + ROOM > width ? "end" : "start"}
              y={(y(step.in_kpa) + y(step.out_kpa)) / 2 + (middle + ROOM > width ? 10 : -6)}
              className={step.most ? "fill-ink text-[14px] font-[640]" : "fill-ink-2 text-[12px]"}
            >
              {step.words}
            </text>
          </g>
        );
      })}
      {stair.steps.length > 0 && (
        <text
          x={Math.min(x(stair.steps.at(-1)?.element ?? ""), width - END)}
          y={y(lowest) + 24}
          textAnchor="middle"
          className="fill-ink text-[13px] font-[640]"
        >
          {stair.end}
        </text>
      )}
    </svg>
  );
}
