import type { Plan } from "../api/types";

/** Gives out the plan as it is on screen, saved or not. */
export function givePlanFile(plan: Plan, name: string): void {
  const url = URL.createObjectURL(new Blob([`${JSON.stringify(plan, null, 4)}\n`], { type: "application/json" }));
  const link = document.createElement("a");
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 1000);
}
