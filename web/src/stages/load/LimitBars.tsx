import type { Limit } from "../../api/types";
import { FigureText } from "../../drawing/FigureText";
import type { Scale } from "../../drawing/scale";
import { usePlan } from "../../plan/state/PlanContext";

const HEIGHT = 70;

/** What rests on each axle, hanging under it, against a line for its limit; the gross weight beside them. */
export function LimitBars({ scale, top, width }: { scale: Scale; top: number; width: number }) {
  const { assessment } = usePlan();
  const limits = assessment.stages.load.drawing.limits;
  const placed = limits.filter((limit) => limit.x_m !== undefined);
  return (
    <g>
      {placed.map((limit) => (
        <Bar key={limit.name} limit={limit} x={Math.min(scale.x(limit.x_m!), width - 132)} top={top} />
      ))}
      {placed.length === 0 &&
        limits.map((limit) => <Bar key={limit.name} limit={limit} x={width / 2 - 60} top={top} />)}
    </g>
  );
}

function Bar({ limit, x, top }: { limit: Limit; x: number; top: number }) {
  const fill = limit.over ? "fill-rust" : "fill-ink-2";
  const reach = Math.min(1.12, limit.travel_share) * HEIGHT;
  const full = Math.min(1.12, limit.full_share) * HEIGHT;
  const ink = limit.over ? { fill: "var(--rust)" } : {};
  return (
    <g>
      <rect x={x - 9} y={top} width="18" height={HEIGHT} className="fill-sheet stroke-ink" strokeWidth="1.3" />
      {full > reach + 0.5 && (
        <rect
          x={x - 9}
          y={top}
          width="18"
          height={full}
          className={limit.over_full ? "fill-rust" : "fill-wash"}
          opacity="0.5"
        />
      )}
      <rect x={x - 9} y={top} width="18" height={reach} className={`water-moves ${fill}`} />
      <path d={`M${x - 15} ${top + HEIGHT}h30`} className="stroke-ink" strokeWidth="2" />
      <text x={x + 18} y={top + 12} style={{ fontSize: 12, fill: "var(--ink-2)" }}>
        {limit.title}
      </text>
      <FigureText
        id={`load.${limit.name}.travel`}
        label={limit.title}
        x={x + 18}
        y={top + 34}
        style={{ fontSize: 19, fontWeight: 640, ...ink }}
      >
        {limit.travel}
      </FigureText>
      <text x={x + 18} y={top + 52} style={{ fontSize: 12.5, fill: "var(--ink-2)", ...ink }}>
        of {limit.limit}
      </text>
      <FigureText
        id={`load.${limit.name}.spare`}
        label={limit.title}
        x={x + 18}
        y={top + 68}
        style={{ fontSize: 12.5, fill: "var(--ink-2)", ...ink }}
      >
        {limit.spare}
      </FigureText>
    </g>
  );
}
