import { Route, Routes } from "react-router";
import { useGround } from "./frame/ground";
import { PlanScreen } from "./frame/PlanScreen";
import { NewPlan } from "./home/NewPlan";
import { PlanShelf } from "./home/PlanShelf";

export function App() {
  const [ground, turnGround] = useGround();
  return (
    <Routes>
      <Route path="/" element={<PlanShelf />} />
      <Route path="/new" element={<NewPlan />} />
      <Route path="/plans/:id/:stage?" element={<PlanScreen ground={ground} onTurnGround={turnGround} />} />
      <Route path="*" element={<PlanShelf />} />
    </Routes>
  );
}
