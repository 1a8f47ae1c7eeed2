import { useId } from "react";

type Props = {
  label: string;
  value: string;
  onChange: (text: string) => void;
  type?: "text" | "password";
  /** What the browser may fill in. */
  autoComplete?: string;
  placeholder?: string;
  digits?: boolean;
};

/** A field of a form by which somebody gets in. */
export function EntryField({
  label,
  value,
  onChange,
  type = "text",
  autoComplete = "off",
  placeholder,
  digits,
}: Props) {
  const id = useId();
  return (
    <label htmlFor={id} className="field">
      <span className="label">{label}</span>
      <input
        id={id}
        type={type}
        className="w-full"
        value={value}
        autoComplete={autoComplete}
        placeholder={placeholder}
        inputMode={digits ? "numeric" : undefined}
        maxLength={200}
        required
        onChange={(event) => onChange(event.target.value)}
      />
    </label>
  );
}
