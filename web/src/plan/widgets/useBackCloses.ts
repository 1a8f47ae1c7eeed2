import { useEffect, useRef } from "react";

type Entry = { over?: string } | null;

/** While something lies over the page, the browser's Back closes it and stays on the page. */
export function useBackCloses(close: () => void): void {
  const latest = useRef(close);
  latest.current = close;
  useEffect(() => {
    const entry = crypto.randomUUID();
    const isOurs = () => (window.history.state as Entry)?.over === entry;
    window.history.pushState({ ...window.history.state, over: entry }, "");
    // What lies over this one goes first: then this entry is the present one again.
    const back = () => !isOurs() && latest.current();
    window.addEventListener("popstate", back);
    return () => {
      window.removeEventListener("popstate", back);
      // Closed in another way it leaves no entry behind that Back would step through.
      setTimeout(() => isOurs() && window.history.back());
    };
  }, []);
}

/** The same for what is open as long as this is there. */
export function BackCloses({ close }: { close: () => void }): null {
  useBackCloses(close);
  return null;
}
