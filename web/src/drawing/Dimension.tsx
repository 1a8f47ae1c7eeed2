/** A dimension line along the rig with its text in the middle. */
export function Dimension({ from, to, y, text }: { from: number; to: number; y: number; text: string }) {
  return (
    <g className="stroke-ink-3" strokeWidth="1">
      <path d={`M${from} ${y}H${to}M${from} ${y - 5}v10M${to} ${y - 5}v10`} fill="none" />
      <rect
        x={(from + to) / 2 - 4 - text.length * 3.4}
        y={y - 8}
        width={8 + text.length * 6.8}
        height="16"
        className="fill-ground"
        stroke="none"
      />
      <text
        x={(from + to) / 2}
        y={y + 4}
        textAnchor="middle"
        stroke="none"
        style={{ fontSize: 12, fill: "var(--ink-3)" }}
      >
        {text}
      </text>
    </g>
  );
}
