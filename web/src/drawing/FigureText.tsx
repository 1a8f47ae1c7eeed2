import type { CSSProperties } from "react";
import { usePlan } from "../plan/state/PlanContext";

type Props = { id: string; label: string; x: number; y: number; style: CSSProperties; children: string };

/** A computed figure in a drawing, which opens its sum. */
export function FigureText({ id, label, x, y, style, children }: Props) {
  const { openSum } = usePlan();
  return (
    <text
      x={x}
      y={y}
      role="button"
      tabIndex={0}
      aria-label={`${label} ${children}, open the sum`}
      className="figure-text"
      style={style}
      onClick={() => openSum(id)}
      onKeyDown={(event) => event.key === "Enter" && openSum(id)}
    >
      {children}
    </text>
  );
}
