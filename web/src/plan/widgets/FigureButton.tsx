import type { ReactNode } from "react";
import { usePlan } from "../state/PlanContext";

/** A computed figure that opens its sum. */
export function FigureButton({
  id,
  className = "",
  children,
}: {
  id: string;
  className?: string;
  children?: ReactNode;
}) {
  const { assessment, openSum } = usePlan();
  const figure = assessment.figures[id];
  if (!figure) return null;
  return (
    <button
      type="button"
      className={`figure ${className}`}
      onClick={() => openSum(id)}
      title={`${figure.label}: open the sum`}
    >
      {children ?? figure.text}
    </button>
  );
}
