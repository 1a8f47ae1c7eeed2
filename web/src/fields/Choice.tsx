import { Label, Radio, RadioGroup } from "@headlessui/react";
import type { Option } from "../api/types";

type Props = {
  label: string;
  bare?: boolean;
  value: string | null;
  options: readonly Option[];
  onChange: (value: string) => void;
  className?: string;
};

/** One of a few: all of them in sight, the chosen one in the rim's colour. */
export function Choice({ label, bare = false, value, options, onChange, className = "" }: Props) {
  return (
    <RadioGroup value={value} onChange={(next: string | null) => next !== null && onChange(next)} className={className}>
      <Label className={bare ? "sr-only" : "label block"}>{label}</Label>
      <div className="choice">
        {options.map((option) => (
          <Radio key={option.value} value={option.value} className="choice-option">
            {option.text}
          </Radio>
        ))}
      </div>
    </RadioGroup>
  );
}
