import type { Plan } from "../api/types";

/** A file name that no system trips over: without control and direction characters, and without those that paths are made of. */
export function fileName(plan: Plan): string {
  const name = plan.name
    .replace(/[\p{Cc}\p{Cf}]/gu, "")
    .replace(/[\\/:*?"<>|]/g, "-")
    .trim();
  return `${name || "plan"}.yardcask.json`;
}

/** Gives out the plan as it is on screen, saved or not. */
export function givePlanFile(plan: Plan): void {
  const url = URL.createObjectURL(new Blob([`${JSON.stringify(plan, null, 4)}\n`], { type: "application/json" }));
  const link = document.createElement("a");
  link.href = url;
  link.download = fileName(plan);
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 1000);
}
