import { usePlan } from "../plan/state/PlanContext";

/** The ids of the tanks that a finding of the Tanks stage wants changed: they are drawn in rust. */
export function useTrouble(): ReadonlySet<string> {
  const { assessment } = usePlan();
  const found = assessment.findings.filter((one) => one.severity !== "watch" && one.stage === "tanks");
  return new Set(found.flatMap((one) => one.subject));
}
