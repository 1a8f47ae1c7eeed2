import { type FormEvent, useId, useState } from "react";
import type { PartsDrawing } from "../../api/types";
import { usePlan } from "../../plan/state/PlanContext";
import { useSay } from "../../records/useSay";
import { inMetres, inUnit } from "./lengths";
import { readNumber } from "./readNumber";

type Piece = PartsDrawing["cuts"][number]["assumed"][number];

/** A piece of pipe with how long it was cut: recorded where it was cut, with a connection or without, and put into the plan with one click. */
export function PieceRow({ piece }: { piece: Piece }) {
  const { plan, apply } = usePlan();
  const { waiting, say } = useSay();
  const [open, setOpen] = useState(false);
  const [text, setText] = useState("");
  const [refused, setRefused] = useState(false);
  const id = useId();
  const unit = plan.units.length;
  const unsent = waiting("cut", piece.pipe)?.cut?.length_m;
  const save = async (event: FormEvent) => {
    event.preventDefault();
    const number = readNumber(text);
    const metres = inMetres(number ?? 0, unit);
    const wrong = metres < 0.01 || metres > 50;
    setRefused(wrong);
    if (wrong) return;
    await say("cut", piece.pipe, piece.name, { cut: { length_m: metres } });
    setOpen(false);
  };
  return (
    <div className="py-1">
      <div className="flex flex-wrap items-center gap-x-3">
        <p className="text-[14px]">
          {piece.words} <span className="text-[13px] text-ink-2">{piece.hidden}</span>
        </p>
        {!open && (
          <button type="button" className="quiet not-printed" onClick={() => setOpen(true)}>
            {piece.cut || unsent !== undefined ? "Cut again" : "It is cut"}
            <span className="sr-only">: {piece.name}</span>
          </button>
        )}
      </div>
      {unsent !== undefined ? (
        <p className="text-[13px] text-brass">
          Cut {inUnit(unsent, unit)} {unit}, not sent yet.
        </p>
      ) : (
        piece.cut && (
          <p className="flex flex-wrap items-center gap-x-3 text-[13px]">
            {piece.cut}
            {piece.fix && (
              <button type="button" className="plain small not-printed" onClick={() => piece.fix && apply(piece.fix)}>
                {piece.fix.label}
              </button>
            )}
          </p>
        )
      )}
      {open && (
        <form
          className="not-printed flex flex-wrap items-end gap-2 py-2"
          onSubmit={(event) => void save(event)}
          noValidate
        >
          <div className="field">
            <label htmlFor={id} className="label">
              Cut, in {unit}
            </label>
            <input
              id={id}
              type="text"
              inputMode="decimal"
              className="w-28"
              maxLength={12}
              value={text}
              aria-invalid={refused}
              aria-describedby={refused ? `${id}-refused` : undefined}
              onChange={(event) => setText(event.target.value)}
            />
          </div>
          <button type="submit" className="go">
            Save
          </button>
          <button type="button" className="plain" onClick={() => setOpen(false)}>
            Cancel
          </button>
          {refused && (
            <p id={`${id}-refused`} role="alert" className="refusal basis-full">
              “{text}” is not understood. Write its length with what goes into the joints, from 10 mm to 50 m, for
              example {unit === "mm" ? "655" : "25.75"}.
            </p>
          )}
        </form>
      )}
    </div>
  );
}
