import type { KeptRecord, NewRecord } from "../api/types";
import type { Unsent } from "./outbox";

/** A record that counts, and whether the server has it. */
export type Counted = {
  record: NewRecord;
  /** The name of the device that it came from; null where that is the server's own machine, or this one has not sent it yet. */
  device: string | null;
  photo?: Blob;
  unsent: boolean;
  refused?: string;
};

/** The records that count, the latest to happen first: those of the server, with what this device has not sent yet in their place or beside them. */
export function counting(kept: readonly KeptRecord[], unsent: readonly Unsent[]): Counted[] {
  const known = new Set(kept.map(({ record }) => record.uuid));
  const own = unsent.filter(({ record }) => !known.has(record.uuid));
  const gone = new Set(own.map(({ record }) => record.replaces));
  const all: Counted[] = [
    ...kept.map(({ record, device = null }) => ({ record, device, unsent: false })),
    ...own.map(({ record, photo, refused }) => ({
      record,
      device: null,
      unsent: true,
      ...(photo && { photo }),
      ...(refused !== undefined && { refused }),
    })),
  ];
  return all
    .filter(({ record }) => !record.retracts && !gone.has(record.uuid))
    .sort((a, b) => b.record.happened_at.localeCompare(a.record.happened_at));
}
