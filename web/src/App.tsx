import { lazy, Suspense } from "react";
import { Route, Routes } from "react-router";
import { useGround } from "./frame/lightOrDark";
import { PlanShelf } from "./home/PlanShelf";

const PlanScreen = lazy(() => import("./frame/PlanScreen"));
const NewPlan = lazy(() => import("./home/NewPlan"));

export function App() {
  const [ground, turnGround] = useGround();
  return (
    <Suspense fallback={null}>
      <Routes>
        <Route path="/" element={<PlanShelf />} />
        <Route path="/new" element={<NewPlan />} />
        <Route path="/plans/:id/:stage?" element={<PlanScreen ground={ground} onTurnGround={turnGround} />} />
        <Route path="*" element={<PlanShelf />} />
      </Routes>
    </Suspense>
  );
}
