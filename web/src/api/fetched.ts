import { useSyncExternalStore } from "react";

const RETRY_MS = 1500;

let failing = false;
const listeners = new Set<() => void>();

function tell(fails: boolean): void {
  failing = fails;
  for (const listener of listeners) listener();
}

const pause = () => new Promise((done) => setTimeout(done, RETRY_MS));

/** Whether the server answers at all. */
async function isThere(): Promise<boolean> {
  try {
    return (await fetch("/api/health")).ok;
  } catch {
    return false;
  }
}

/**
 * Loads a part of the application, again and again while the server is away. Some browsers remember that a script could not be fetched:
 * where it fails although the server is back, the page is opened anew; what was typed is kept in the browser.
 */
export function untilFetched<T>(load: () => Promise<T>): () => Promise<T> {
  return async () => {
    for (let back = false; ; ) {
      try {
        const part = await load();
        tell(false);
        return part;
      } catch {
        tell(true);
        if (back) window.location.reload();
        await pause();
        back = await isThere();
      }
    }
  };
}

/** Whether a part of the application is waited for that could not be fetched. */
export function useFetchFails(): boolean {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => failing,
  );
}
