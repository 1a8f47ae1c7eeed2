import type { ReactNode } from "react";
import { Navigate, useLocation } from "react-router";
import { PRINT } from "../frame/PlanScreen";

/** Whoever came by a link sees its plan as a book: every stage whole, and nothing that could be changed. */
export default function SharedPlan({ plan, children }: { plan: string; children: ReactNode }) {
  const { pathname } = useLocation();
  const book = `/plans/${plan}/${PRINT}`;
  return pathname === book ? children : <Navigate to={book} replace />;
}
