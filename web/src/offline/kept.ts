import { useSyncExternalStore } from "react";
import { KEPT } from "./headers";

let isKept = false;
const listeners = new Set<() => void>();

/** Takes note of whether a reply came from the server, or is what this device kept of it. */
export function noteReply(reply: Response): void {
  const now = reply.headers.has(KEPT);
  if (now === isKept) return;
  isKept = now;
  for (const listener of listeners) listener();
}

/** Whether the server is away, and what is shown is what this device kept. */
export function useKept(): boolean {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => isKept,
  );
}
