import type { Assessment, StageName } from "../../api/types";
import { usePlan } from "./PlanContext";

type NamedStage = Assessment["stages"][StageName] & { name: StageName };

/** The stages that an assessment has, in the order of the work. */
export function stagesOf(assessment: Assessment): readonly NamedStage[] {
  return (Object.keys(assessment.stages) as StageName[]).map((name) => ({ name, ...assessment.stages[name] }));
}

export function useStages(): readonly NamedStage[] {
  return stagesOf(usePlan().assessment);
}
