import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { Plan } from "../../api/types";
import { patched } from "./edits";
import { merged } from "./merge";

const base: Plan = JSON.parse(
  readFileSync(new URL("../../../../catalogue/plans/fellside.json", import.meta.url), "utf8"),
);
const set = (path: string, value: unknown) => ({ op: "replace", path, value });
const can = (id: string) => ({ op: "add", path: "/tanks/-", value: { ...base.tanks[1], id, name: id } });
const named = (id: string, name: string) => ({ ...can(id), value: { ...can(id).value, name } });
const gone = (path: string) => ({ op: "remove", path });
const both = (mine: unknown[], theirs: unknown[]) => merged(base, patched(base, mine), patched(base, theirs));
const done = (...patch: unknown[]) => patched(base, patch);

describe("putting two windows' changes together", () => {
  it.each([
    ["nothing and something", [], [set("/use/days", 5)], [set("/use/days", 5)]],
    ["different fields", [set("/use/days", 5)], [set("/use/crew", 3)], [set("/use/days", 5), set("/use/crew", 3)]],
    [
      "fields of one part",
      [set("/tanks/0/x_m", 3)],
      [set("/tanks/0/y_m", 0)],
      [set("/tanks/0/x_m", 3), set("/tanks/0/y_m", 0)],
    ],
    ["the same change twice", [set("/use/days", 5)], [set("/use/days", 5)], [set("/use/days", 5)]],
    ["a part added on each side", [can("can-1")], [can("can-2")], [can("can-2"), can("can-1")]],
    [
      "parts of one name added on each side",
      [named("can-1", "Can")],
      [named("can-2", "Can")],
      [named("can-2", "Can"), named("can-1", "Can 2")],
    ],
    [
      "a part removed and another changed",
      [gone("/tanks/1")],
      [set("/tanks/2/name", "Right")],
      [set("/tanks/2/name", "Right"), gone("/tanks/1")],
    ],
    ["a part removed on both sides", [gone("/tanks/1")], [gone("/tanks/1")], [gone("/tanks/1")]],
    [
      "a key added and another changed",
      [{ op: "add", path: "/load/rig/axles/1/weighed_kg", value: 1460 }],
      [set("/load/rig/axles/1/limit_kg", 1900)],
      [set("/load/rig/axles/1/limit_kg", 1900), { op: "add", path: "/load/rig/axles/1/weighed_kg", value: 1460 }],
    ],
  ])("%s", (_, mine, theirs, together) => {
    expect(both(mine, theirs)).toEqual(done(...together));
  });
  it.each([
    ["one field in two ways", [set("/use/days", 5)], [set("/use/days", 6)]],
    ["a part changed here and removed there", [set("/tanks/1/x_m", 3)], [gone("/tanks/1")]],
    ["two new parts of one id", [can("can-1")], [{ ...can("can-1"), value: { ...base.tanks[2], id: "can-1" } }]],
  ])("not %s", (_, mine, theirs) => {
    expect(both(mine, theirs)).toBeNull();
    expect(both(theirs, mine)).toBeNull();
  });
});
