import { SizeText } from "./SizeText";

type Props = {
  from: number;
  to: number;
  y: number;
  text: string;
  /** The field that it is read from, if it is one field. */
  pointer: string | undefined;
};

/** A dimension line along the rig with its text in the middle. */
export function Dimension({ from, to, y, text, pointer }: Props) {
  const middle = (from + to) / 2;
  return (
    <g className="stroke-ink-3" strokeWidth="1">
      <path d={`M${from} ${y}H${to}M${from} ${y - 5}v10M${to} ${y - 5}v10`} fill="none" />
      <rect
        x={middle - 4 - text.length * 3.4}
        y={y - 8}
        width={8 + text.length * 6.8}
        height="16"
        className="fill-ground"
        stroke="none"
      />
      {pointer ? (
        <SizeText pointer={pointer} x={middle} y={y + 4} />
      ) : (
        <text x={middle} y={y + 4} textAnchor="middle" className="size-text">
          {text}
        </text>
      )}
    </g>
  );
}
