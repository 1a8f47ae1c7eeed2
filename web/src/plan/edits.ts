import { applyPatch, type Operation } from "fast-json-patch";
import type { Fix, Plan } from "../api/types";

/** The plan after a JSON Patch; the plan given is not touched. */
export function patched(plan: Plan, patch: readonly unknown[]): Plan {
  return applyPatch(structuredClone(plan), patch as Operation[]).newDocument;
}

/** The plan with one value set; a value of undefined takes the key away. */
export function withValue(plan: Plan, pointer: string, value: unknown): Plan {
  const exists = valueAt(plan, pointer) !== undefined;
  if (value === undefined) return exists ? patched(plan, [{ op: "remove", path: pointer }]) : plan;
  return patched(plan, [{ op: exists ? "replace" : "add", path: pointer, value }]);
}

export function valueAt(plan: Plan, pointer: string): unknown {
  let node: unknown = plan;
  for (const key of pointer.split("/").slice(1)) node = (node as Record<string, unknown> | undefined)?.[key];
  return node;
}

/** The pointer of the use, load or tank that a field belongs to. */
export function partAt(pointer: string): string | undefined {
  return pointer.match(/^\/(?:use\/uses|load\/loads|tanks)\/\d+/)?.[0];
}

/** A field in words: the name of its part, and what it is. */
export function inWords(plan: Plan, pointer: string, what: string): string {
  const part = partAt(pointer);
  const name = part && valueAt(plan, `${part}/name`);
  return name ? `${name}, ${what}` : what;
}

/** The id of the part that a patch appends. */
export function idAdded(patch: Fix["patch"]): string {
  const part = patch[0]?.value;
  return typeof part === "object" && part !== null && "id" in part ? String(part.id) : "";
}

/** An id that no part of the plan has yet: prefix-1, prefix-2 … */
export function freeId(plan: Plan, prefix: string): string {
  const taken = new Set([...plan.use.uses, ...plan.load.loads, ...plan.tanks].map((part) => part.id));
  for (let number = 1; ; number++) if (!taken.has(`${prefix}-${number}`)) return `${prefix}-${number}`;
}

/** Whether two documents hold the same, whatever the order of their keys. */
export function same(a: unknown, b: unknown): boolean {
  return differences(a, b).length === 0;
}

/** The pointers at which two documents differ. */
export function differences(a: unknown, b: unknown, pointer = ""): string[] {
  if (a === b) return [];
  if (typeof a !== "object" || typeof b !== "object" || a === null || b === null) return [pointer];
  const keys = new Set([...Object.keys(a), ...Object.keys(b)]);
  return [...keys].flatMap((key) =>
    differences((a as Record<string, unknown>)[key], (b as Record<string, unknown>)[key], `${pointer}/${key}`),
  );
}
