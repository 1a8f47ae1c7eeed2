import { useSyncExternalStore } from "react";

const RETRY_MS = 1500;
const OPENED_ANEW = "yardcask.opened-anew";

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

/** Opens the page anew, once in this tab: what fails after that is a fault of its own, and is thrown. */
function openAnew(error: unknown): void {
  if (sessionStorage.getItem(OPENED_ANEW)) throw error;
  sessionStorage.setItem(OPENED_ANEW, "yes");
  window.location.reload();
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
        sessionStorage.removeItem(OPENED_ANEW);
        return part;
      } catch (error) {
        tell(true);
        if (back) openAnew(error);
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
