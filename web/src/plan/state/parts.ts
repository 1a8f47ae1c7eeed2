import type { Fix, Plan } from "../../api/types";

/**
 * Places in a plan that stay with their part: `/tanks/@tail/length_mm` is the length of the tank whose id is `tail`,
 * wherever in the list it stands. A JSON Pointer names the place of the moment: `/tanks/0/length_mm`.
 */
export type Place = string;

type Node = Record<string, unknown>;
type Part = { id: string };

export function isParts(value: unknown): value is Part[] {
  return Array.isArray(value) && value.every((one) => typeof one === "object" && one !== null && "id" in one);
}

/** The place of a pointer in a plan. */
export function placeOf(plan: Plan, pointer: string): Place {
  let node: unknown = plan;
  return pointer
    .split("/")
    .map((key, depth) => {
      if (depth === 0) return key;
      const list = node;
      node = (node as Node | undefined)?.[key];
      return isParts(list) && node ? `@${(node as Part).id}` : key;
    })
    .join("/");
}

/** Where a place is in a plan now; undefined when its part is not there. */
export function pointerOf(plan: Plan, place: Place): string | undefined {
  let node: unknown = plan;
  const keys: string[] = [];
  for (const key of place.split("/").slice(1)) {
    if (key.startsWith("@")) {
      const index = isParts(node) ? node.findIndex((part) => part.id === key.slice(1)) : -1;
      if (index < 0) return undefined;
      keys.push(String(index));
      node = (node as unknown as unknown[])[index];
    } else {
      keys.push(key);
      node = (node as Node | undefined)?.[key];
    }
  }
  return ["", ...keys].join("/");
}

/** Every part of a plan that has an id. */
export function allParts(plan: Plan): readonly (Part & { name: string })[] {
  return [
    ...plan.use.uses,
    ...plan.load.seats,
    ...plan.load.loads,
    ...plan.load.things,
    ...plan.bays,
    ...plan.bays.flatMap((bay) => bay.obstructions),
    ...plan.tanks,
    ...plan.tanks.flatMap((tank) => tank.ports),
    ...(plan.load.rig.kind === "boat" ? [] : plan.load.rig.axles),
    ...plan.runs,
    ...plan.runs.flatMap((run) => run.points),
    ...plan.line.parts,
    ...plan.line.pipes,
    ...plan.line.pipes.flatMap((pipe) => pipe.points),
  ];
}

const LETTERS = "abcdefghijkmnpqrstuvwxyz23456789";

/** An id that no part has or had: two windows that add a part at the same time do not give the same one. */
export function newId(plan: Plan, prefix: string): string {
  const taken = new Set(allParts(plan).map((part) => part.id));
  for (;;) {
    const random = crypto.getRandomValues(new Uint8Array(4));
    const id = `${prefix}-${[...random].map((byte) => LETTERS[byte % LETTERS.length]).join("")}`;
    if (!taken.has(id)) return id;
  }
}

/** The name itself, or followed by 2, 3 … where others of its list have it. */
export function freeName(wanted: string, taken: readonly string[]): string {
  let name = wanted;
  for (let number = 2; taken.includes(name); number++) name = `${wanted.slice(0, 56)} ${number}`;
  return name;
}

/** A patch whose appended parts, and the parts in them, have ids that were never used, also where the patch itself speaks of them. */
export function withNewIds(plan: Plan, patch: Fix["patch"]): Fix["patch"] {
  const ids = new Map<unknown, string>();
  const collect = (value: unknown) => {
    if (Array.isArray(value)) value.forEach(collect);
    else if (typeof value === "object" && value !== null) {
      const { id } = value as Partial<Part>;
      if (typeof id === "string") ids.set(id, newId(plan, id.replace(/-\d+$/, "")));
      Object.values(value).forEach(collect);
    }
  };
  const renamed = (value: unknown): unknown => {
    if (Array.isArray(value)) return value.map(renamed);
    if (typeof value === "object" && value !== null)
      return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, renamed(one)]));
    if (typeof value !== "string") return value;
    // A port is a part and its end: “pump-1.out”, “tank-1.outlet-1”.
    return value
      .split(".")
      .map((word) => ids.get(word) ?? word)
      .join(".");
  };
  for (const { op, path, value } of patch) if (op === "add" && path.endsWith("/-")) collect(value);
  return patch.map((step) => (step.op === "test" ? step : { ...step, value: renamed(step.value) })) as Fix["patch"];
}

/** The place of the part that a patch appends. */
export function partAdded(patch: Fix["patch"]): Place | undefined {
  const step = patch.find((one) => one.op === "add" && one.path.endsWith("/-"));
  return step && `${step.path.slice(0, -2)}/@${(step.value as Part).id}`;
}
