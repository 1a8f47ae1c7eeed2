import { useState } from "react";

/** Something that is asked of the server: whether the answer is on its way, and why it was refused. */
export function useAsking() {
  const [busy, setBusy] = useState(false);
  const [refusal, setRefusal] = useState("");
  const ask = async (asking: () => Promise<void>): Promise<void> => {
    if (busy) return;
    setBusy(true);
    setRefusal("");
    try {
      await asking();
    } catch (error) {
      setRefusal((error as Error).message);
    } finally {
      setBusy(false);
    }
  };
  return { busy, refusal, ask };
}
