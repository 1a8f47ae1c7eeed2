type Props = {
  label: string;
  /** What stands there before anything is picked. */
  ask: string;
  options: readonly { value: string; text: string }[];
  onPick: (value: string) => void;
};

/** A list of which one is picked, and done at once. */
export function Pick({ label, ask, options, onPick }: Props) {
  return (
    <label className="field">
      <span className="label block">{label}</span>
      <select className="line-select" value="" onChange={(event) => onPick(event.target.value)}>
        <option value="" disabled>
          {ask}
        </option>
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.text}
          </option>
        ))}
      </select>
    </label>
  );
}
