import type { Plan } from "../api/types";

/** Gives out a file to be kept. */
export function giveFile(text: string | Blob, name: string, type: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement("a");
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 1000);
}

/** Gives out the plan as it is on screen, saved or not. */
export const givePlanFile = (plan: Plan, name: string): void =>
  giveFile(`${JSON.stringify(plan, null, 4)}\n`, name, "application/json");
