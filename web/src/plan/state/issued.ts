import type { Plan } from "../../api/types";

type Issued = Plan["issued"];

const NUMBERED = /^(.+)-(\d{1,6})$/;

/**
 * The plan with the highest number that was ever issued for each kind of part: of what it tells itself, of what was issued before, and of its
 * own parts. The same plan where that is what it tells.
 */
export function withIssued(plan: Plan, before: Issued): Plan {
  const issued: Record<string, number> = { ...plan.issued };
  const issue = (kind: string, number: number) => {
    issued[kind] = Math.max(issued[kind] ?? 0, number);
  };
  for (const [kind, number] of Object.entries(before)) issue(kind, number);
  for (const id of idsIn(plan)) {
    const [, kind, number] = id.match(NUMBERED) ?? [];
    if (kind && Number(number) > 0) issue(kind, Number(number));
  }
  const isTold = Object.entries(issued).every(([kind, number]) => plan.issued[kind] === number);
  return isTold ? plan : { ...plan, issued };
}

/** Of everything in a plan that has one. */
function idsIn(value: unknown): string[] {
  if (Array.isArray(value)) return value.flatMap(idsIn);
  if (typeof value !== "object" || value === null) return [];
  const { id } = value as { id?: unknown };
  const inside = Object.values(value).flatMap(idsIn);
  return typeof id === "string" ? [id, ...inside] : inside;
}
