import { useEffect, useRef, useState } from "react";
import { dependents } from "../state/dependents";
import { usePlan } from "../state/PlanContext";

type Props = { id: string; onRemove: () => void };

/** Takes something out of the plan: at once, or, where something depends on it, after saying what. Undo brings it back. */
export function RemoveButton({ id, onRemove }: Props) {
  const { plan } = usePlan();
  const [asking, setAsking] = useState(false);
  const depends = dependents(plan, id);
  const first = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (asking) first.current?.focus();
  }, [asking]);
  if (!asking)
    return (
      <button type="button" className="plain" onClick={() => (depends.length > 0 ? setAsking(true) : onRemove())}>
        Remove
      </button>
    );
  return (
    <div role="group" aria-label="Remove it?" className="w-full border-l-3 border-brass pl-3">
      <ul className="text-[13px]">
        {depends.map((words) => (
          <li key={words}>{words}.</li>
        ))}
      </ul>
      <div className="mt-1 flex gap-2">
        <button ref={first} type="button" className="plain" onClick={onRemove}>
          Remove it
        </button>
        <button type="button" className="plain" onClick={() => setAsking(false)}>
          Keep it
        </button>
      </div>
    </div>
  );
}
