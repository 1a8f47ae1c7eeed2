import { useId, useState } from "react";
import { partAt, valueAt } from "../plan/state/edits";
import { usePlan } from "../plan/state/PlanContext";

type Props = { pointer: string; label: string; bare?: boolean; className?: string };

/** A name in the plan. An empty one, or one that another part of the list has, is not taken, and says so. */
export function TextField({ pointer, label, bare = true, className = "" }: Props) {
  const { plan, set, settle } = usePlan();
  const id = useId();
  const [refused, setRefused] = useState<string | null>(null);
  const value = String(valueAt(plan, pointer) ?? "");
  const part = partAt(pointer);
  const list = part ? (valueAt(plan, part.replace(/\/[^/]+$/, "")) as { name: string }[]) : [];
  const others = list.filter((_, index) => `${index}` !== part?.split("/").at(-1)).map((one) => one.name);
  const change = (text: string) => {
    const taken = text.trim() === "" || others.includes(text);
    setRefused(taken ? text : null);
    if (!taken) set(pointer, text, label.toLowerCase(), pointer);
  };
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
        value={refused ?? value}
        aria-invalid={refused !== null}
        aria-describedby={refused === null ? undefined : `${id}-note`}
        onChange={(event) => change(event.target.value)}
        onKeyDown={(event) => event.key === "Escape" && setRefused(null)}
        onBlur={() => {
          setRefused(null);
          settle();
        }}
      />
      {refused !== null && (
        <p id={`${id}-note`} role="alert" className="refusal">
          {refused.trim() === "" ? "Give it a name" : `There is already one called “${refused}”`}; “{value}” is kept
          until you give another.
        </p>
      )}
    </div>
  );
}
