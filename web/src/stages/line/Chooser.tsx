import { useId, useState } from "react";
import type { StockPart } from "../../api/types";

type Props = {
  label: string;
  parts: readonly StockPart[];
  button: string;
  onChoose: (part: StockPart) => void;
};

/** One part of those that can be had, by its kind, and a button that does something with it. */
export function Chooser({ label, parts, button, onChoose }: Props) {
  const id = useId();
  const [chosen, setChosen] = useState("");
  const part = parts.find((one) => one.id === chosen) ?? parts[0];
  const kinds = [...new Set(parts.map((one) => one.kind_word))];
  if (!part) return null;
  return (
    <div className="field flex flex-wrap items-end gap-2">
      <span className="min-w-0 flex-1">
        <label htmlFor={id} className="label block">
          {label}
        </label>
        <select id={id} className="line-select" value={part.id} onChange={(event) => setChosen(event.target.value)}>
          {kinds.map((kind) => (
            <optgroup key={kind} label={kind}>
              {parts
                .filter((one) => one.kind_word === kind)
                .map((one) => (
                  <option key={one.id} value={one.id}>
                    {one.name}
                  </option>
                ))}
            </optgroup>
          ))}
        </select>
      </span>
      <button type="button" className="plain" onClick={() => onChoose(part)}>
        {button}
      </button>
    </div>
  );
}
