import type { StockOffer } from "../../api/types";
import { useWidth } from "../../drawing/useWidth";

const [LEFT, RIGHT, TOP, BOTTOM] = [52, 14, 14, 38];
const HEIGHT = 210;

type Props = { offer: StockOffer; chosen: string | null; onChoose: (id: string) => void };

/** Litres against what is left to the worst limit: those that no other beats are filled and joined. The table below says the same in words. */
export function StockScatter({ offer, chosen, onChoose }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>(800);
  const fitting = offer.rows.filter((row) => row.patch);
  if (fitting.length === 0) return <div ref={ref} />;
  const ends = (values: number[], pad: number): [number, number] => {
    const [low, high] = [Math.min(0, ...values), Math.max(0, ...values)];
    return [low - (low < 0 ? pad * (high - low) : 0), high + pad * (high - low || 1)];
  };
  const [fromL, toL] = ends(
    fitting.map((row) => row.usable_l),
    0.05,
  );
  const [fromKg, toKg] = ends(
    fitting.map((row) => row.spare_kg),
    0.08,
  );
  const x = (l: number) => LEFT + ((l - fromL) / (toL - fromL)) * (width - LEFT - RIGHT);
  const y = (kg: number) => TOP + ((toKg - kg) / (toKg - fromKg)) * (HEIGHT - TOP - BOTTOM);
  const best = fitting.filter((row) => offer.best.includes(row.id));
  const on = fitting.find((row) => row.id === chosen);
  return (
    <div ref={ref} className="mb-3">
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label="Water against what is left to the worst limit, brim full"
      >
        {fromKg < 0 && (
          <rect x={LEFT} y={y(0)} width={width - LEFT - RIGHT} height={y(fromKg) - y(0)} className="fill-ground" />
        )}
        <path d={`M${LEFT} ${y(0)}H${width - RIGHT}`} className="stroke-ink" strokeWidth="1.2" />
        <path d={`M${LEFT} ${TOP}V${HEIGHT - BOTTOM}`} className="stroke-ink-3" strokeWidth="1" />
        <g style={{ fontSize: 12 }} className="fill-ink-2">
          <text x={LEFT - 6} y={y(0) + 4} textAnchor="end">
            limit
          </text>
          <text x={LEFT + 4} y={TOP + 4}>
            ↑ more left to the limit
          </text>
          <text x={width - RIGHT} y={HEIGHT - 8} textAnchor="end">
            more water →
          </text>
          {fromKg < 0 && (
            <text x={LEFT + 4} y={HEIGHT - BOTTOM - 5}>
              over a limit when brim full
            </text>
          )}
        </g>
        <path
          d={best.map((row, at) => `${at ? "L" : "M"}${x(row.usable_l)} ${y(row.spare_kg)}`).join("")}
          fill="none"
          className="stroke-water"
          strokeWidth="1.4"
        />
        {fitting.map((row) => (
          <circle
            key={row.id}
            cx={x(row.usable_l)}
            cy={y(row.spare_kg)}
            r={row.id === chosen ? 8 : 6}
            onPointerDown={() => onChoose(row.id)}
            className={[
              "cursor-pointer",
              row.id === chosen ? "stroke-rim" : row.spare_kg < 0 ? "stroke-rust" : "stroke-water",
              offer.best.includes(row.id) ? "fill-wash" : "fill-sheet",
            ].join(" ")}
            strokeWidth={row.id === chosen ? 3 : 1.6}
          >
            <title>{`${row.name}, ${row.where}: ${row.usable}, ${row.spare}`}</title>
          </circle>
        ))}
        {on && (
          <text
            x={Math.min(width - RIGHT - 4, Math.max(LEFT + 4, x(on.usable_l)))}
            y={Math.max(TOP + 16, y(on.spare_kg) - 13)}
            textAnchor={x(on.usable_l) > width / 2 ? "end" : "start"}
            style={{ fontSize: 13, fontWeight: 640, paintOrder: "stroke", stroke: "var(--sheet)", strokeWidth: 4 }}
          >
            {`${on.name}: ${on.usable}, ${on.spare}`}
          </text>
        )}
      </svg>
    </div>
  );
}
