import { readFileSync } from "node:fs";
import { expect, it } from "vitest";
import type { Plan } from "../../api/types";
import { dependents } from "./dependents";

const plan: Plan = JSON.parse(
  readFileSync(new URL("../../../../catalogue/plans/fellside.json", import.meta.url), "utf8"),
);
for (const use of plan.use.uses) if (use.name === "Shower") use.outlet = "rose";

it.each([
  ["a tank with hoses and a pipe", "tail", ["Goes with it: ", "Loses its tank: Pipe 1"]],
  ["a tank into which uses drain", "waste", ["Drains nowhere: Dishes, Hands and face, Shower"]],
  ["a bay with a tank in it", "tail-locker", ["Stays where it is, in no bay: Tail tank"]],
  ["an outlet of a use", "rose", ["Loses its outlet: Shower"]],
  ["a part that the pipes close over", "strainer-1", []],
  ["nothing that is there", "nobody", []],
])("%s", (_, id, begin) => {
  const words = dependents(plan, id);
  expect(words.map((one, index) => one.slice(0, begin[index]?.length))).toEqual(begin);
});
