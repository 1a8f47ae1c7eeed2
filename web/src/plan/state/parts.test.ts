import { expect, test } from "vitest";
import type { Fix, Plan } from "../../api/types";
import { withNewIds } from "./parts";

const EMPTY = {
  use: { uses: [] },
  load: { seats: [], loads: [], things: [], rig: { kind: "boat" } },
  bays: [],
  tanks: [],
  runs: [],
  line: { parts: [], pipes: [] },
} as unknown as Plan;

test("what a patch appends has ids of its own, and what leads to it follows: to a part, and to a port of a tank", () => {
  const patch = withNewIds(EMPTY, [
    { op: "add", path: "/tanks/-", value: { id: "tank-2", name: "Tank 2. of two", ports: [{ id: "outlet-1" }] } },
    {
      op: "replace",
      path: "/line",
      value: {
        pipes: [
          { from: "tank-2.outlet-1", to: "valve-1.left" },
          { from: "tail.tail-outlet", to: "tank-2.inlet" },
        ],
      },
    },
  ] as Fix["patch"]);
  type Added = { id: string; name: string; ports: { id: string }[] };
  const tank = (patch[0] as { value: Added }).value;
  const { pipes } = (patch[1] as { value: { pipes: { from: string; to: string }[] } }).value;
  expect(tank.id).toMatch(/^tank-[a-z0-9]{4}$/);
  expect(tank.name).toBe("Tank 2. of two");
  expect(tank.ports[0]?.id).toMatch(/^outlet-[a-z0-9]{4}$/);
  expect(pipes).toEqual([
    { from: `${tank.id}.${tank.ports[0]?.id}`, to: "valve-1.left" },
    { from: "tail.tail-outlet", to: `${tank.id}.inlet` },
  ]);
});
