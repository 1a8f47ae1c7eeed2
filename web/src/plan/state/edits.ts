import { applyPatch, type Operation } from "fast-json-patch";
import type { Plan } from "../../api/types";
import { isParts, type Place, pointerOf } from "./parts";

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

/** What stands at a pointer or a place. */
export function valueAt(plan: Plan, at: string): unknown {
  const pointer = pointerOf(plan, at);
  if (pointer === undefined) return undefined;
  let node: unknown = plan;
  for (const key of pointer.split("/").slice(1)) node = (node as Record<string, unknown> | undefined)?.[key];
  return node;
}

/** The pointer or place of the part of a list that a field belongs to, the innermost: a use, a tank, an obstruction in a bay. */
export function partAt(at: string): string | undefined {
  return at.match(/^(?:\/[a-z_/]+\/(?:\d+|@[a-z0-9-]+))+/)?.[0];
}

/** A field in words: the name of its part, and what it is. */
export function inWords(plan: Plan, at: string, what: string): string {
  const part = partAt(at);
  const name = part && valueAt(plan, `${part}/name`);
  return name ? `${name}, ${what}` : what;
}

/** The numbers that were issued: the server’s account, nobody’s change. */
export const ISSUED = "issued";

/** Whether two documents hold the same, whatever the order of their keys. */
export function same(a: unknown, b: unknown): boolean {
  return differences(a, b).length === 0;
}

/** The places at which two documents differ; parts are compared with those of the same id. */
export function differences(a: unknown, b: unknown, place: Place = ""): Place[] {
  if (a === b) return [];
  if (typeof a !== "object" || typeof b !== "object" || a === null || b === null) return [place];
  if (isParts(a) && isParts(b)) {
    const find = (parts: { id: string }[], id: string) => parts.find((part) => part.id === id);
    const ids = new Set([...a, ...b].map((part) => part.id));
    const inParts = [...ids].flatMap((id) => differences(find(a, id), find(b, id), `${place}/@${id}`));
    const order = (parts: { id: string }[]) => parts.map((part) => part.id).join(" ");
    return inParts.length > 0 || order(a) === order(b) ? inParts : [place];
  }
  const keys = new Set([...Object.keys(a), ...Object.keys(b)].filter((key) => key !== ISSUED || place !== ""));
  return [...keys].flatMap((key) =>
    differences((a as Record<string, unknown>)[key], (b as Record<string, unknown>)[key], `${place}/${key}`),
  );
}
