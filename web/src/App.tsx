import { lazy, Suspense } from "react";
import { Route, Routes } from "react-router";
import { untilFetched } from "./api/fetched";
import { useGround } from "./frame/lightOrDark";
import { Waiting } from "./frame/Waiting";
import { PlanShelf } from "./home/PlanShelf";

const PlanScreen = lazy(untilFetched(() => import("./frame/PlanScreen")));
const NewPlan = lazy(untilFetched(() => import("./home/NewPlan")));

export function App() {
  const [ground, turnGround] = useGround();
  return (
    <Suspense fallback={<Waiting what="" />}>
      <Routes>
        <Route path="/" element={<PlanShelf />} />
        <Route path="/new" element={<NewPlan />} />
        <Route path="/plans/:id/:stage?" element={<PlanScreen ground={ground} onTurnGround={turnGround} />} />
        <Route path="*" element={<PlanShelf />} />
      </Routes>
    </Suspense>
  );
}
