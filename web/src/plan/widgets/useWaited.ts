import { useEffect, useState } from "react";

/** What takes less is not worth a word. */
export const QUIET_MS = 300;
/** After which whoever waits is told for what. */
export const LONG_MS = 3000;

/** For how long something has gone on, as far as these times tell it apart. */
export function useWaited(goesOn: boolean, ...marks: readonly number[]): number {
  const [waited, setWaited] = useState(0);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the marks are constants
  useEffect(() => {
    setWaited(0);
    if (!goesOn) return;
    const timers = marks.map((ms) => setTimeout(() => setWaited(ms), ms));
    return () => timers.forEach(clearTimeout);
  }, [goesOn]);
  return waited;
}
