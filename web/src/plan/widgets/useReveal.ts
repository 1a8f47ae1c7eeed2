import { useEffect, useRef } from "react";

const REVEAL = "reveal-field";

/** Asks whatever hides a field to show it, before the cursor is put there. */
export function reveal(pointer: string): void {
  window.dispatchEvent(new CustomEvent(REVEAL, { detail: pointer }));
}

/** Calls back when a field is to be shown. */
export function useReveal(show: (pointer: string) => void): void {
  const latest = useRef(show);
  latest.current = show;
  useEffect(() => {
    const listen = (event: Event) => latest.current((event as CustomEvent<string>).detail);
    window.addEventListener(REVEAL, listen);
    return () => window.removeEventListener(REVEAL, listen);
  }, []);
}
