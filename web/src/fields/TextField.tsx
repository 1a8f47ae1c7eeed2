import { useId, useState } from "react";
import { valueAt } from "../plan/edits";
import { usePlan } from "../plan/PlanContext";

/** A name in the plan. An empty one is not taken, and says so. */
export function TextField({
  pointer,
  label,
  bare = true,
  className = "",
}: {
  pointer: string;
  label: string;
  bare?: boolean;
  className?: string;
}) {
  const { plan, set, settle } = usePlan();
  const id = useId();
  const [empty, setEmpty] = useState(false);
  const value = valueAt(plan, pointer);
  return (
    <div className={`field ${className}`}>
      <label htmlFor={id} className={bare ? "sr-only" : "label"}>
        {label}
      </label>
      <input
        id={id}
        data-pointer={pointer}
        className="w-full"
        type="text"
        maxLength={60}
        value={empty ? "" : String(value ?? "")}
        aria-invalid={empty}
        onChange={(event) => {
          const blank = event.target.value.trim() === "";
          setEmpty(blank);
          if (!blank) set(pointer, event.target.value, label.toLowerCase(), pointer);
        }}
        onBlur={() => {
          setEmpty(false);
          settle();
        }}
      />
      {empty && (
        <p role="alert" className="refusal">
          A name is needed; “{String(value)}” is kept until you give another.
        </p>
      )}
    </div>
  );
}
