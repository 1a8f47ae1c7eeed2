import { useQueryClient } from "@tanstack/react-query";
import { createContext, type ReactNode, use, useCallback, useEffect, useMemo, useRef, useState } from "react";
import { api } from "../api/client";
import { outboxOf, type Unsent } from "./outbox";
import { sendAll } from "./sending";

type Records = {
  /** What is only on this device, in the order in which it was recorded. */
  unsent: readonly Unsent[];
  /** Keeps it on this device, and sends it as soon as the server can be reached. */
  add: (unsent: Unsent) => Promise<void>;
  /** Sends again what the server has refused. */
  retry: (unsent: Unsent) => Promise<void>;
  discard: (unsent: Unsent) => Promise<void>;
};

const Context = createContext<Records | null>(null);

export function useRecords(): Records {
  const records = use(Context);
  if (!records) throw new Error("useRecords needs a RecordsProvider around it.");
  return records;
}

const AGAIN_MS = 10_000;

/** Records of this device: written into the browser first, shown at once, sent when there is a connection. */
export function RecordsProvider({ children }: { children: ReactNode }) {
  const outbox = useRef(outboxOf());
  const queries = useQueryClient();
  const [unsent, setUnsent] = useState<readonly Unsent[]>([]);
  const channel = useRef<BroadcastChannel | null>(null);

  const look = useCallback(async () => {
    try {
      setUnsent(await outbox.current.all());
    } catch {
      // A browser that may not keep anything still records, while the server is there.
    }
  }, []);
  const send = useCallback(async () => {
    const before = (await outbox.current.all().catch(() => [])).length;
    // Of several windows one sends.
    const sent = () => sendAll(outbox.current, api);
    await (navigator.locks
      ? navigator.locks.request("yardcask.outbox", { ifAvailable: true }, (lock) => lock && sent())
      : sent());
    await look();
    if (before > 0) {
      await queries.invalidateQueries({ queryKey: ["records"] });
      void queries.invalidateQueries({ queryKey: ["assess"] });
      void queries.invalidateQueries({ queryKey: ["fixes"] });
      channel.current?.postMessage("sent");
    }
  }, [look, queries]);

  useEffect(() => {
    const others = new BroadcastChannel("yardcask.outbox");
    channel.current = others;
    others.onmessage = () => {
      void look();
      void queries.invalidateQueries({ queryKey: ["records"] });
    };
    void look().then(send);
    const online = () => void send();
    window.addEventListener("online", online);
    return () => {
      window.removeEventListener("online", online);
      others.close();
    };
  }, [look, send, queries]);

  const waits = unsent.some((one) => one.refused === undefined);
  useEffect(() => {
    if (!waits) return;
    const again = setInterval(() => void send(), AGAIN_MS);
    return () => clearInterval(again);
  }, [waits, send]);

  const records = useMemo<Records>(
    () => ({
      unsent,
      add: async (one) => {
        try {
          await outbox.current.add(one);
          // So that the browser does not clear it when room is short.
          void navigator.storage?.persist?.();
        } catch {
          // Nothing can be kept here: it goes to the server at once, or not at all.
          const photo = one.record.note?.photo;
          if (photo && one.photo) await api.putPhoto(one.plan, photo, one.photo);
          await api.putRecord(one.plan, one.record);
        }
        await look();
        channel.current?.postMessage("added");
        void send();
      },
      retry: async ({ refused, ...one }) => {
        await outbox.current.put(one);
        await send();
      },
      discard: async (one) => {
        if (one.order !== undefined) await outbox.current.remove(one.order);
        await look();
        channel.current?.postMessage("discarded");
      },
    }),
    [unsent, look, send],
  );
  return <Context value={records}>{children}</Context>;
}
