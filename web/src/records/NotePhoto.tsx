import { useEffect, useState } from "react";
import { usePlan } from "../plan/state/PlanContext";

/** A photograph of this device, or one that the server has. */
export function NotePhoto({ of }: { of: Blob | string }) {
  const { state } = usePlan();
  const [own, setOwn] = useState<string | null>(null);
  useEffect(() => {
    if (typeof of === "string") return;
    const url = URL.createObjectURL(of);
    setOwn(url);
    return () => URL.revokeObjectURL(url);
  }, [of]);
  const from = typeof of === "string" ? `/api/plans/${state.id}/photos/${of}` : own;
  if (!from) return null;
  return (
    <a href={from} target="_blank" rel="noreferrer" className="note-photo">
      <img src={from} alt="What was photographed" loading="lazy" />
    </a>
  );
}
