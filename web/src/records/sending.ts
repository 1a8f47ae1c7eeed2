import { Refused } from "../api/errors";
import type { NewRecord } from "../api/types";
import type { Outbox } from "./outbox";

export type Receiver = {
  putPhoto: (plan: string, uuid: string, jpeg: Blob) => Promise<unknown>;
  putRecord: (plan: string, record: NewRecord) => Promise<unknown>;
};

/** A refusal that another attempt would meet again. Others pass: too many requests, a fault of the server. */
const isForGood = (error: unknown) =>
  error instanceof Refused && error.problem.status >= 400 && error.problem.status < 500 && error.problem.status !== 429;

/**
 * Sends everything that waits, in the order in which it was recorded, each until the server has it. What the server refuses is set aside with
 * its reason. Sent twice, because an answer was lost, it is kept once: the server knows its UUID.
 *
 * @return whether nothing waits any more; otherwise the server is away
 */
export async function sendAll(outbox: Outbox, to: Receiver): Promise<boolean> {
  for (const unsent of await outbox.all()) {
    if (unsent.refused !== undefined || unsent.order === undefined) continue;
    try {
      const photo = unsent.record.note?.photo;
      if (photo && unsent.photo) await to.putPhoto(unsent.plan, photo, unsent.photo);
      await to.putRecord(unsent.plan, unsent.record);
    } catch (error) {
      if (!isForGood(error)) return false;
      await outbox.put({ ...unsent, refused: (error as Error).message });
      continue;
    }
    await outbox.remove(unsent.order);
  }
  return true;
}
