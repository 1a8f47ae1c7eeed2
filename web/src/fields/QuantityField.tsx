import { useEffect, useId } from "react";
import { inWords } from "../plan/edits";
import { usePlan } from "../plan/PlanContext";

type Props = {
  pointer: string;
  label: string;
  /** Hides the label on screen; it is still read out. */
  bare?: boolean;
  /** An empty field takes the value out of the plan. */
  optional?: boolean;
  /** Words after the unit: “a time”. */
  after?: string;
  width?: string;
};

/** A measured field: takes what people say, shows the plan's units, and says in place what it could not read. */
export function QuantityField({ pointer, label, bare = false, optional = false, after, width = "w-20" }: Props) {
  const { assessment, plan, settled, type, typed, untype, settle, set } = usePlan();
  const id = useId();
  const reading = assessment.readings[pointer];
  const draft = typed(pointer);
  const refused = draft?.state === "refused";
  const waiting = draft?.state === "waiting";

  // Once left, a text that is in the plan gives way to the plan's own reading of it, as soon as that has come.
  useEffect(() => {
    if (draft?.state === "read" && settled && document.activeElement?.id !== id) untype(pointer);
  }, [draft, settled, untype, pointer, id]);

  const said = inWords(plan, pointer, label.toLowerCase());
  const change = (text: string) => {
    if (optional && text.trim() === "") {
      untype(pointer);
      set(pointer, undefined, said, pointer);
    } else type(pointer, text, said);
  };

  return (
    <div className="field">
      <label htmlFor={id} className={bare ? "sr-only" : "label"}>
        {label}
      </label>
      <span className="flex items-baseline gap-1.5">
        <input
          id={id}
          data-pointer={pointer}
          className={`${width} text-right`}
          type="text"
          inputMode="text"
          autoComplete="off"
          autoCapitalize="off"
          spellCheck={false}
          value={draft?.text ?? reading?.text ?? ""}
          placeholder={optional ? "none" : ""}
          aria-invalid={refused}
          aria-describedby={draft ? `${id}-note` : undefined}
          onChange={(event) => change(event.target.value)}
          onFocus={(event) => event.target.select()}
          onBlur={() => {
            settle();
            if (draft?.state === "read" && settled) untype(pointer);
          }}
          onKeyDown={(event) => {
            if (event.key === "Escape") untype(pointer);
            if (event.key === "Enter") event.currentTarget.blur();
          }}
        />
        <span className="text-ink-2">
          {reading?.symbol}
          {after && ` ${after}`}
        </span>
      </span>
      {refused && (
        <div id={`${id}-note`} role="alert" className="refusal">
          {draft.violation?.message}
          {draft.violation?.choices?.map((choice) => (
            <button key={choice} type="button" className="plain small" onClick={() => type(pointer, choice, said)}>
              {choice}
            </button>
          ))}
        </div>
      )}
      {waiting && (
        <p id={`${id}-note`} role="status" className="text-xs text-brass">
          Kept here; read when the server is back.
        </p>
      )}
    </div>
  );
}
