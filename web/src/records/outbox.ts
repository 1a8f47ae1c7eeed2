import { type DBSchema, type IDBPDatabase, openDB } from "idb";
import type { NewRecord } from "../api/types";

/** What was recorded on this device and is not at the server yet. */
export type Unsent = {
  /** In which it was recorded; given by the database. */
  order?: number;
  plan: string;
  planName: string;
  record: NewRecord;
  /** A photograph that belongs to it. */
  photo?: Blob;
  /** Why the server would not take it: it waits to be corrected or discarded, and holds up no other. */
  refused?: string;
};

interface Schema extends DBSchema {
  unsent: { key: number; value: Unsent; indexes: { uuid: string } };
}

const opening = new Map<string, Promise<IDBPDatabase<Schema>>>();

/** Kept by the browser through reloads and restarts, apart from everything else. */
function database(name: string): Promise<IDBPDatabase<Schema>> {
  const known = opening.get(name);
  if (known) return known;
  const opened = openDB<Schema>(name, 1, {
    upgrade: (made) => {
      const store = made.createObjectStore("unsent", { keyPath: "order", autoIncrement: true });
      store.createIndex("uuid", "record.uuid", { unique: true });
    },
  });
  opening.set(name, opened);
  opened.catch(() => opening.delete(name));
  return opened;
}

export type Outbox = {
  all: () => Promise<Unsent[]>;
  add: (unsent: Unsent) => Promise<void>;
  /** In the place of one with the same order. */
  put: (unsent: Unsent) => Promise<void>;
  remove: (order: number) => Promise<void>;
};

export const outboxOf = (name = "yardcask"): Outbox => ({
  all: async () => (await database(name)).getAll("unsent"),
  // On the disk before it counts as kept: a phone may die in the cold a moment later.
  add: async (unsent) => {
    const writing = (await database(name)).transaction("unsent", "readwrite", { durability: "strict" });
    await Promise.all([writing.store.add(unsent), writing.done]);
  },
  put: async (unsent) => void (await (await database(name)).put("unsent", unsent)),
  remove: async (order) => (await database(name)).delete("unsent", order),
});
