import type { Tank } from "../api/types";
import { ArchRect } from "./ArchRect";
import { handle } from "./handle";
import { isRound } from "./isRound";

type Props = {
  tank: Tank;
  from: "side" | "behind";
  /** Pixels of its outside in this view. */
  left: number;
  top: number;
  width: number;
  height: number;
  /** Above its floor, in mm, as it travels. */
  level: number;
  /** What stands in it, in words. */
  text?: string;
  on: boolean;
  trouble: boolean;
};

/** A tank with its water as it travels, from the left or from behind, with what can be grabbed of it. */
export function TankCut({ tank, from, left, top, width, height, level, text = "", on, trouble }: Props) {
  const deep = level * (height / tank.height_mm);
  const alike = from === "side" ? tank.count : 1;
  const id = `${from}-${tank.id}`;
  const outline = {
    x: left,
    y: top,
    width,
    height,
    ...(isRound(tank, from) && { rx: width / 2, ry: height / 2 }),
  };
  return (
    <>
      <rect {...handle(left, top, width, height)} />
      <clipPath id={id}>
        <rect {...outline} />
      </clipPath>
      <rect {...outline} className="fill-sheet" stroke="none" />
      <g clipPath={`url(#${id})`}>
        <rect
          x={left}
          y={top + height - deep}
          width={width}
          height={deep}
          className="water-moves fill-wash"
          stroke="none"
        />
        {deep > 1 && <path d={`M${left} ${top + height - deep}h${width}`} className="stroke-water" strokeWidth="2" />}
        <ArchRect tank={tank} from={from} left={left} top={top} width={width} height={height} />
      </g>
      <rect
        {...outline}
        className={on ? "stroke-rim" : trouble ? "stroke-rust" : "stroke-ink"}
        strokeWidth={on ? 2.6 : 1.8}
      />
      {Array.from({ length: alike - 1 }, (_, index) => {
        const at = left + ((index + 1) * width) / alike;
        return <path key={at} d={`M${at} ${top}v${height}`} strokeWidth="1" />;
      })}
      {width > text.length * 6.6 && height > 15 && (
        <text
          x={left + width / 2}
          y={top + height / 2 + 5}
          textAnchor="middle"
          stroke="none"
          style={{ fontSize: 13.5, fontWeight: 640, paintOrder: "stroke", stroke: "var(--wash)", strokeWidth: 3 }}
        >
          {text}
        </text>
      )}
    </>
  );
}
