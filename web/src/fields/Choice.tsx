import { Label, Radio, RadioGroup } from "@headlessui/react";

type Props<T extends string> = {
  label: string;
  bare?: boolean;
  value: T | null;
  options: readonly (readonly [T, string])[];
  onChange: (value: T) => void;
  className?: string;
};

/** One of a few: all of them in sight, the chosen one in the rim's colour. */
export function Choice<T extends string>({ label, bare = false, value, options, onChange, className = "" }: Props<T>) {
  return (
    <RadioGroup value={value} onChange={(next: T | null) => next !== null && onChange(next)} className={className}>
      <Label className={bare ? "sr-only" : "label block"}>{label}</Label>
      <div className="choice">
        {options.map(([option, text]) => (
          <Radio key={option} value={option} className="choice-option">
            {text}
          </Radio>
        ))}
      </div>
    </RadioGroup>
  );
}
