import "fake-indexeddb/auto";
import { describe, expect, it } from "vitest";
import { Away, Refused } from "../api/errors";
import type { NewRecord } from "../api/types";
import { type Outbox, outboxOf, type Unsent } from "./outbox";
import { type Receiver, sendAll } from "./sending";

const record = (number: number, text = `Note ${number}`): NewRecord => ({
  uuid: `00000000-0000-4000-8000-${String(number).padStart(12, "0")}`,
  kind: "note",
  revision: 1,
  happened_at: "2026-06-01T08:00:00Z",
  retracts: false,
  note: { text },
});
const unsent = (number: number): Unsent => ({ plan: "plan", planName: "Rig", record: record(number) });

let boxes = 0;
async function filled(count: number): Promise<Outbox> {
  const outbox = outboxOf(`box-${++boxes}`);
  for (let number = 1; number <= count; ++number) await outbox.add(unsent(number));
  return outbox;
}

/** A server that keeps each record once, by its UUID. */
function server(fails: (text: string, attempt: number) => Error | null = () => null) {
  const kept: string[] = [];
  const received: string[] = [];
  const receiver: Receiver = {
    putPhoto: async (_, uuid) => void received.push(`photo ${uuid}`),
    putRecord: async (_, { uuid, note }) => {
      received.push(uuid);
      const failure = fails(note?.text ?? "", received.length);
      if (failure instanceof Refused) throw failure;
      if (!kept.includes(uuid)) kept.push(uuid);
      if (failure) throw failure;
    },
  };
  return { kept, received, receiver };
}
const refusal = (status: number) => new Refused({ type: "", title: "", status, detail: `Status ${status}` });
const uuids = (outbox: Outbox) => outbox.all().then((all) => all.map((one) => one.record.uuid));

describe("what is only on this device", () => {
  it("is sent in the order in which it was recorded, and then gone", async () => {
    const outbox = await filled(30);
    const { kept, receiver } = server();
    expect(await sendAll(outbox, receiver)).toBe(true);
    expect(kept).toEqual(Array.from({ length: 30 }, (_, index) => record(index + 1).uuid));
    expect(await outbox.all()).toEqual([]);
  });

  it("stays, in its order, while the server is away, and goes on from there", async () => {
    const outbox = await filled(5);
    const away = server((text) => (text === "Note 3" ? new Away("away") : null));
    expect(await sendAll(outbox, away.receiver)).toBe(false);
    expect(await uuids(outbox)).toEqual([3, 4, 5].map((number) => record(number).uuid));
    const back = server();
    expect(await sendAll(outbox, back.receiver)).toBe(true);
    expect(back.kept).toHaveLength(3);
  });

  it("is kept once though its answer was lost", async () => {
    const outbox = await filled(2);
    // The server takes the first one in, and its answer never comes.
    const { kept, received, receiver } = server((_, attempt) => (attempt === 1 ? new Away("lost") : null));
    expect(await sendAll(outbox, receiver)).toBe(false);
    expect(await sendAll(outbox, receiver)).toBe(true);
    expect(received).toHaveLength(3);
    expect(kept).toEqual([record(1).uuid, record(2).uuid]);
  });

  it("survives that the page is closed in the middle", async () => {
    const outbox = await filled(3);
    const never = new Promise<never>(() => {});
    void sendAll(outbox, { putPhoto: () => never, putRecord: () => never });
    expect(await uuids(outboxOf(`box-${boxes}`))).toHaveLength(3);
  });

  it("is set aside with its reason when the server refuses it, and holds up no other", async () => {
    const outbox = await filled(3);
    const { kept, receiver } = server((text) => (text === "Note 2" ? refusal(422) : null));
    expect(await sendAll(outbox, receiver)).toBe(true);
    expect(kept).toEqual([record(1).uuid, record(3).uuid]);
    expect(await outbox.all()).toMatchObject([{ record: record(2), refused: "Status 422" }]);
    const again = server();
    await sendAll(outbox, again.receiver);
    expect(again.received).toEqual([]);
  });

  it.each([429, 500, 507])("waits where the server answers %i: that passes", async (status) => {
    const outbox = await filled(1);
    const { receiver } = server(() => refusal(status));
    expect(await sendAll(outbox, receiver)).toBe(false);
    expect((await outbox.all())[0]?.refused).toBeUndefined();
  });

  it("sends a photograph before the note that shows it", async () => {
    const outbox = await filled(0);
    const photo = "00000000-0000-4000-8000-0000000000aa";
    await outbox.add({ ...unsent(1), record: { ...record(1), note: { text: "", photo } }, photo: new Blob(["jpeg"]) });
    const { received, receiver } = server();
    await sendAll(outbox, receiver);
    expect(received).toEqual([`photo ${photo}`, record(1).uuid]);
  });
});
