import { useEffect, useId, useRef } from "react";
import { inWords, valueAt } from "../plan/state/edits";
import { usePlan } from "../plan/state/PlanContext";
import { readingAt } from "../plan/state/readingAt";

type Props = {
  pointer: string;
  /** Instead of the plan's own word for it. */
  label?: string;
  /** Hides the label on screen; it is still read out. */
  bare?: boolean;
  /** Words after the unit: “a time”. */
  after?: string;
  /** What holds where an optional field is empty. */
  otherwise?: string;
};

const NONE = "none";

/**
 * A measured field: takes what people say, shows the plan's units, and says in place what it could not read. An empty text
 * takes an optional value out of the plan.
 */
export function QuantityField({ pointer, label, bare = false, after, otherwise = NONE }: Props) {
  const { assessment, plan, settled, type, typed, untype, settle, set } = usePlan();
  const id = useId();
  const input = useRef<HTMLInputElement>(null);
  /** What stood in the plan when this visit began. */
  const atFirst = useRef<unknown>(undefined);
  /** Whether what is typed was ended with Enter. */
  const entered = useRef(false);
  const reading = readingAt(assessment, pointer);
  const optional = reading?.optional ?? false;
  const draft = typed(pointer);
  const refused = draft?.state === "refused";
  const waiting = draft?.state === "waiting";
  const shown = draft?.text ?? reading?.text ?? "";
  const name = label ?? reading?.label ?? "";

  // Once left or entered, a text that is in the plan gives way to the plan's own reading of it, as soon as that has come.
  useEffect(() => {
    if (draft?.state !== "read" || !settled) return;
    const here = document.activeElement === input.current;
    if (here && !entered.current) return;
    untype(pointer);
    // To select takes the keyboard, too, and by then somebody may be typing elsewhere.
    if (here) requestAnimationFrame(() => document.activeElement === input.current && input.current?.select());
  }, [draft, settled, untype, pointer]);

  // What was not understood is read where it stands, also at the edge of the screen.
  const why = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (refused) why.current?.scrollIntoView({ block: "nearest" });
  }, [refused]);

  const said = inWords(plan, pointer, name.toLowerCase());
  const change = (text: string) => {
    entered.current = false;
    if (optional && text.trim() === "") {
      untype(pointer);
      set(pointer, undefined, said, pointer);
    } else type(pointer, text, said);
  };
  /** Whether there was anything to take back. */
  const takeBack = (): boolean => {
    const isChanged = valueAt(plan, pointer) !== atFirst.current;
    untype(pointer);
    if (isChanged) set(pointer, atFirst.current, said, pointer);
    return isChanged || draft !== undefined;
  };

  return (
    <div className="field">
      <label htmlFor={id} className={bare ? "sr-only" : "label"}>
        {name}
      </label>
      <span className="flex items-baseline gap-1.5">
        <input
          id={id}
          ref={input}
          data-pointer={pointer}
          className="text-right"
          style={{
            width: `calc(${Math.max(3, shown.length, optional && !shown ? otherwise.length + 1 : 0)}ch + 17px)`,
          }}
          type="text"
          inputMode="text"
          autoComplete="off"
          autoCapitalize="off"
          spellCheck={false}
          value={shown}
          placeholder={optional ? otherwise : ""}
          aria-invalid={refused}
          aria-describedby={refused || waiting ? `${id}-note` : undefined}
          onChange={(event) => change(event.target.value)}
          onFocus={(event) => {
            atFirst.current = valueAt(plan, pointer);
            event.target.select();
          }}
          onBlur={() => {
            settle();
            if (draft?.state === "read" && settled) untype(pointer);
          }}
          onKeyDown={(event) => {
            // Only where nothing was typed does Escape close what the field is in.
            if (event.key === "Escape" && takeBack()) event.preventDefault();
            if (event.key === "Enter") {
              entered.current = true;
              settle();
              if (draft?.state === "read" && settled) untype(pointer);
              event.currentTarget.select();
            }
          }}
        />
        <span className="text-ink-2">
          {reading?.symbol}
          {after && ` ${after}`}
        </span>
      </span>
      {refused && (
        <div id={`${id}-note`} ref={why} role="alert" className="refusal">
          {draft.violation?.message}
          {draft.violation?.choices?.map((choice) => (
            <button
              key={choice}
              type="button"
              className="plain small"
              onClick={() => {
                type(pointer, choice, said, true);
                entered.current = true;
                input.current?.focus();
              }}
            >
              {choice}
            </button>
          ))}
        </div>
      )}
      {waiting && (
        <p id={`${id}-note`} role="status" className="text-xs text-brass">
          In this browser; it is read when the server is back.
        </p>
      )}
    </div>
  );
}
