import { describe, expect, it } from "vitest";
import type { KeptRecord, NewRecord } from "../api/types";
import { counting } from "./counting";
import { scaledSize } from "./scaledPhoto";

const record = (uuid: string, text: string, happened: string, other: Partial<NewRecord> = {}): NewRecord => ({
  uuid,
  kind: "note",
  revision: 1,
  happened_at: happened,
  retracts: false,
  note: { text },
  ...other,
});
const kept = (one: NewRecord): KeptRecord => ({ number: 1, received_at: one.happened_at, record: one });
const unsent = (one: NewRecord) => ({ plan: "p", planName: "Rig", record: one });
const texts = (keptOnes: KeptRecord[], own: NewRecord[]) =>
  counting(keptOnes, own.map(unsent)).map((one) => one.record.note?.text);

const lid = record("a", "The lid weeps", "2026-06-02T08:00:00Z");
const seal = record("b", "New seal", "2026-06-03T08:00:00Z");

describe("the notes that count", () => {
  it.each<[string, KeptRecord[], NewRecord[], string[]]>([
    ["those of the server and of this device, the latest first", [kept(lid)], [seal], ["New seal", "The lid weeps"]],
    ["one that was sent and is still in the outbox, once", [kept(lid)], [lid], ["The lid weeps"]],
    ["a change in the place of what it changes", [kept(lid)], [{ ...seal, replaces: "a" }], ["New seal"]],
    ["a change of what is not sent either", [], [lid, { ...seal, replaces: "a" }], ["New seal"]],
    [
      "nothing of what is taken back",
      [kept(lid)],
      [{ ...record("c", "", lid.happened_at), retracts: true, replaces: "a" }],
      [],
    ],
  ])("are %s", (_, server, own, expected) => {
    expect(texts(server, own)).toEqual(expected);
  });

  it("say which are only on this device, and why one was refused", () => {
    const all = counting([kept(lid)], [{ ...unsent(seal), refused: "No such plan" }]);
    expect(all.map(({ unsent: own, refused }) => [own, refused])).toEqual([
      [true, "No such plan"],
      [false, undefined],
    ]);
  });
});

describe("a photograph", () => {
  it.each([
    [[4000, 3000], { width: 2000, height: 1500 }],
    [[3000, 4000], { width: 1500, height: 2000 }],
    [[800, 600], { width: 800, height: 600 }],
    [[100000, 10], { width: 2000, height: 1 }],
  ] as const)("of %o becomes %o", ([width, height], size) => {
    expect(scaledSize(width, height)).toEqual(size);
  });
});
