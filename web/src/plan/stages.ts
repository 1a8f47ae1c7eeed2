import type { StageName } from "../api/types";

/** The stages that exist, in the order of the water. */
export const STAGES: readonly { name: StageName; title: string }[] = [
  { name: "use", title: "Use" },
  { name: "load", title: "Load" },
  { name: "tanks", title: "Tanks" },
];

export function isStage(name: string | undefined): name is StageName {
  return STAGES.some((stage) => stage.name === name);
}

/** The stage on which a field of the plan is edited. */
export function stageOf(pointer: string): StageName {
  if (pointer.endsWith("/travel_fill")) return "load";
  const first = pointer.split("/")[1];
  return isStage(first) ? first : "use";
}
