import type { Plan } from "../../api/types";
import { ISSUED, same } from "./edits";
import { freeName, isParts } from "./parts";

/** Two states changed the same place in different ways. */
class Clash extends Error {}

/** A plan with the changes of two windows that began from the same one; null when both changed the same place. */
export function merged(base: Plan, mine: Plan, theirs: Plan): Plan | null {
  try {
    return mergedValue(base, mine, theirs) as Plan;
  } catch (error) {
    if (error instanceof Clash) return null;
    throw error;
  }
}

function mergedValue(base: unknown, mine: unknown, theirs: unknown): unknown {
  if (same(mine, theirs) || same(theirs, base)) return mine;
  if (same(mine, base)) return theirs;
  if (isParts(base) && isParts(mine) && isParts(theirs))
    return mergedParts(base as Part[], mine as Part[], theirs as Part[]);
  if (isObject(base) && isObject(mine) && isObject(theirs)) return mergedObject(base, mine, theirs);
  throw new Clash();
}

function mergedObject(base: Keyed, mine: Keyed, theirs: Keyed): Keyed {
  const keys = new Set([...Object.keys(mine), ...Object.keys(theirs)]);
  const values = [...keys].map(
    (key) => [key, key === ISSUED ? theirs[key] : mergedValue(base[key], mine[key], theirs[key])] as const,
  );
  return Object.fromEntries(values.filter(([, value]) => value !== undefined));
}

/**
 * Lists of parts are merged by the parts' ids: what only one side has was added there, or taken away on the other.
 * Two that were given the same name are numbered.
 */
function mergedParts(base: Part[], mine: Part[], theirs: Part[]): Part[] {
  const find = (parts: Part[], id: string) => parts.find((part) => part.id === id);
  const ids = new Set([...theirs, ...mine].map((part) => part.id));
  const parts = [...ids].map((id) => mergedValue(find(base, id), find(mine, id), find(theirs, id)));
  const names: string[] = [];
  return (parts.filter((part) => part !== undefined) as Part[]).map((part) => {
    const name = freeName(part.name, names);
    names.push(name);
    return name === part.name ? part : { ...part, name };
  });
}

type Keyed = Record<string, unknown>;
type Part = { id: string; name: string };

function isObject(value: unknown): value is Keyed {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}
