import { useId } from "react";
import type { EndForm, Violation } from "../api/types";

/** An end as it is said: its system, and what has to be said of that. */
export type Said = Readonly<Record<string, string>> & { system: string };

type Props = {
  label: string;
  forms: readonly EndForm[];
  said: Said;
  onSay: (said: Said) => void;
  wrong: readonly Violation[];
};

/** One of two ends: what sort it is, and its dimensions. */
export function EndFields({ label, forms, said, onSay, wrong }: Props) {
  const id = useId();
  const form = forms.find((one) => one.system === said.system);
  const choose = (system: string) => {
    const fields = forms.find((one) => one.system === system)?.fields ?? [];
    const begun: Record<string, string> = {};
    // What was said of the other sort stays, where this one has it too.
    for (const field of fields) begun[field.key] = said[field.key] ?? optionsOf(field, begun)[0]?.value ?? "";
    onSay({ ...begun, system });
  };
  const change = (key: string, value: string) => {
    const next: Said = { ...said, [key]: value };
    const size = form?.fields.find((field) => field.key === "size");
    const sizes = key === "standard" && size ? optionsOf(size, next) : [];
    const isThere = sizes.length === 0 || sizes.some((one) => one.value === next.size);
    onSay(isThere ? next : { ...next, size: sizes[0]!.value });
  };
  return (
    <fieldset className="card flex flex-col gap-3 p-4">
      <legend className="px-1 font-[640]">{label}</legend>
      <label className="field">
        <span className="label">Sort of end</span>
        <select className="line-select" value={said.system} onChange={(event) => choose(event.target.value)}>
          {forms.map((one) => (
            <option key={one.system} value={one.system}>
              {one.text}
            </option>
          ))}
        </select>
      </label>
      {form?.fields.map((field) => {
        const options = optionsOf(field, said);
        const problem = wrong.find((one) => one.pointer.endsWith(`/${field.key}`))?.message;
        const describedBy = problem ? `${id}-${field.key}` : undefined;
        return (
          <div key={field.key} className="field">
            <label className="label" htmlFor={`${id}.${field.key}`}>
              {field.label}
            </label>
            {options.length > 0 ? (
              <select
                id={`${id}.${field.key}`}
                className="line-select"
                value={said[field.key]}
                onChange={(event) => change(field.key, event.target.value)}
              >
                {options.map((one) => (
                  <option key={one.value} value={one.value}>
                    {one.text}
                  </option>
                ))}
              </select>
            ) : (
              <input
                id={`${id}.${field.key}`}
                type="text"
                className="w-full"
                value={said[field.key] ?? ""}
                placeholder={field.example}
                aria-invalid={problem !== undefined}
                aria-describedby={describedBy}
                onChange={(event) => change(field.key, event.target.value)}
              />
            )}
            {problem && (
              <p id={describedBy} role="alert" className="refusal">
                {problem}
              </p>
            )}
          </div>
        );
      })}
    </fieldset>
  );
}

/** The choices that there are with what is said already: a size belongs to a standard. */
const optionsOf = (field: EndForm["fields"][number], said: Readonly<Record<string, string>>) =>
  field.options.filter((one) => one.standard === "" || one.standard === said.standard);
