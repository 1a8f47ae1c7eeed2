import { lazy, Suspense, useEffect, useRef } from "react";
import { Route, Routes, useLocation } from "react-router";
import { untilFetched } from "./api/fetched";
import { useGround } from "./frame/lightOrDark";
import { Waiting } from "./frame/Waiting";
import { PlanShelf } from "./home/PlanShelf";
import { focusSoon } from "./plan/widgets/focus";

const PlanScreen = lazy(untilFetched(() => import("./frame/PlanScreen")));
const JointsPage = lazy(untilFetched(() => import("./joints/JointsPage")));
const NewPlan = lazy(untilFetched(() => import("./home/NewPlan")));

export function App() {
  const [ground, turnGround] = useGround();
  useHeadingAfterPage();
  return (
    <Suspense fallback={<Waiting what="" />}>
      <Routes>
        <Route path="/" element={<PlanShelf />} />
        <Route path="/new" element={<NewPlan />} />
        <Route path="/joints" element={<JointsPage />} />
        <Route path="/plans/:id/:stage?" element={<PlanScreen ground={ground} onTurnGround={turnGround} />} />
        <Route path="*" element={<PlanShelf />} />
      </Routes>
    </Suspense>
  );
}

/** After a change of page the keyboard goes on from its heading, unless a field or the snags were asked for. */
function useHeadingAfterPage() {
  const { pathname, hash, state } = useLocation();
  const before = useRef(pathname);
  useEffect(() => {
    if (before.current === pathname) return;
    before.current = pathname;
    if (hash === "" && !(state as { field?: string } | null)?.field) focusSoon("h1");
  }, [pathname, hash, state]);
}
