import type { Tank } from "../../api/types";
import { ArchRect } from "../../drawing/ArchRect";
import { isRound } from "../../drawing/isRound";
import { SizeText } from "../../drawing/SizeText";
import { useWidth } from "../../drawing/useWidth";
import { usePlan } from "../../plan/state/PlanContext";
import { FigureButton } from "../../plan/widgets/FigureButton";
import { TankNotes } from "./TankNotes";

const [LEFT, RIGHT, TOP, BOTTOM] = [76, 62, 14, 26];
const MAX_HEIGHT = 190;
/** Less than this nobody reads off a gauge. */
const UNEVEN_L = 0.5;

/** A tank cut open lengthwise, to scale: its water, its outlet and overflow, and its gauge marks beside it. */
export function TankSection({ tank, index }: { tank: Tank; index: number }) {
  const { assessment } = usePlan();
  const [ref, width] = useWidth<HTMLDivElement>(400);
  const drawing = assessment.stages.tanks.drawing.tanks.find((one) => one.id === tank.id);
  const perMm = Math.min((width - LEFT - RIGHT) / tank.length_mm, MAX_HEIGHT / tank.height_mm);
  const [w, h] = [tank.length_mm * perMm, tank.height_mm * perMm];
  const floor = TOP + h;
  const y = (mm: number) => floor - mm * perMm;
  const right = LEFT + w;
  if (!drawing) return <div ref={ref} />;
  const round = isRound(tank, "side") && { rx: w / 2, ry: h / 2 };
  const outline = { x: LEFT, y: TOP, width: w, height: h, ...round };
  /** How far the wall of a round tank stands in from its sizes at a height. */
  const inset = (mm: number) =>
    round ? (w / 2) * (1 - Math.sqrt(Math.max(0, 1 - ((2 * mm) / tank.height_mm - 1) ** 2))) : 0;
  const uneven = assessment.figures[`tanks.${tank.id}.equal_depths`];
  const marks = spread(drawing.marks.map((mark) => y(mark.height_mm)));
  const fittings = spread([y(drawing.overflow_mm), y(drawing.outlet_mm)]);
  return (
    <div className="grid grid-cols-1 gap-x-6 gap-y-3 xl:grid-cols-2">
      <div ref={ref} className="relative min-w-0">
        <svg
          width={width}
          height={floor + BOTTOM}
          role="group"
          aria-label={`${tank.name} cut open: marks at ${drawing.marks.map((mark) => `${mark.share} ${mark.height}`).join(", ")} above its floor`}
        >
          <clipPath id={`inside-${tank.id}`}>
            <rect {...outline} />
          </clipPath>
          <g clipPath={`url(#inside-${tank.id})`}>
            <rect
              x={LEFT}
              y={y(drawing.overflow_mm)}
              width={w}
              height={(drawing.overflow_mm - drawing.outlet_mm) * perMm}
              className="fill-wash"
              opacity="0.45"
            />
            <rect
              x={LEFT}
              y={y(drawing.travel_level_mm)}
              width={w}
              height={drawing.travel_level_mm * perMm}
              className="water-moves fill-wash"
            />
            <path d={`M${LEFT} ${y(drawing.travel_level_mm)}h${w}`} className="stroke-water" strokeWidth="2" />
            <ArchRect tank={tank} from="side" left={LEFT} top={TOP} width={w} height={h} />
          </g>
          <rect {...outline} fill="none" className="stroke-ink" strokeWidth="1.8" />
          {drawing.marks.map((mark, at) => (
            <g key={mark.share}>
              <path
                d={`M${right - inset(mark.height_mm) - 12} ${y(mark.height_mm)}H${right + 6}L${right + 14} ${marks[at]}`}
                fill="none"
                className="stroke-ink"
                strokeWidth="1.2"
              />
              <text x={right + 18} y={marks[at]! + 4} style={{ fontSize: 12.5 }}>
                {mark.share}
              </text>
            </g>
          ))}
          {[
            ["overflow", drawing.overflow, drawing.overflow_mm, drawing.overflow_key],
            ["outlet", drawing.outlet, drawing.outlet_mm, drawing.outlet_key],
          ].map(([name, text, mm, key], at) => (
            <g key={name}>
              <path
                d={`M${LEFT + inset(Number(mm)) + 10} ${y(Number(mm))}H${LEFT - 6}L${LEFT - 12} ${fittings[at]}`}
                fill="none"
                className="stroke-ink"
                strokeWidth="1.8"
              />
              <text x={LEFT - 16} y={fittings[at]! + 4} textAnchor="end" style={{ fontSize: 12, fill: "var(--ink-2)" }}>
                {name}
              </text>
              {key === `${name}_height_mm` ? (
                <SizeText pointer={`/tanks/${index}/${key}`} x={LEFT - 16} y={fittings[at]! + 17} anchor="end" />
              ) : (
                <text x={LEFT - 16} y={fittings[at]! + 17} textAnchor="end" style={{ fontSize: 12 }}>
                  {text}
                </text>
              )}
            </g>
          ))}
          <text
            x={LEFT + w / 2}
            y={y(drawing.travel_level_mm) + (drawing.travel_level_mm * perMm > 30 ? 20 : -6)}
            textAnchor="middle"
            style={{ fontSize: 13.5, fontWeight: 640 }}
          >
            {drawing.travel_words}
          </text>
          <SizeText pointer={`/tanks/${index}/length_mm`} x={LEFT + w / 2} y={floor + 17} />
        </svg>
        <table className="mt-2 w-full text-[13px]">
          <caption className="label text-left">Marks for the gauge or a dip stick</caption>
          <tbody>
            {drawing.marks.toReversed().map((mark) => (
              <tr key={mark.share} className="border-b border-dotted border-rule">
                <th scope="row" className="py-1 text-left font-normal">
                  {mark.share} left, <FigureButton id={mark.figure_id}>{mark.litres}</FigureButton>
                </th>
                <td className="pl-2 text-right whitespace-nowrap">
                  <FigureButton id={mark.figure_id}>{mark.height}</FigureButton> up
                </td>
                <td className="pl-2 text-right whitespace-nowrap">
                  <FigureButton id={mark.figure_id} className="font-[640]">
                    {mark.from_top}
                  </FigureButton>{" "}
                  from the lid
                </td>
              </tr>
            ))}
            <tr>
              <th scope="row" className="py-1 text-left font-normal text-ink-2">
                weighs <FigureButton id={`tanks.${tank.id}.full_kg`} /> full; never drawn
              </th>
              <td className="pl-2 text-right whitespace-nowrap text-ink-2">
                <FigureButton id={`tanks.${tank.id}.below_outlet`} /> below
              </td>
              <td className="pl-2 text-right whitespace-nowrap text-ink-2">
                <FigureButton id={`tanks.${tank.id}.above_overflow`} /> above
              </td>
            </tr>
          </tbody>
        </table>
        {uneven && uneven.value >= UNEVEN_L && (
          <p className="mt-2 text-[13px] text-ink-2">
            Marks at equal depths would be out by up to <FigureButton id={`tanks.${tank.id}.equal_depths`} />: cut them
            as they stand here.
          </p>
        )}
      </div>
      <div className="min-w-0">{drawing.detail && <TankNotes tank={tank} detail={drawing.detail} />}</div>
    </div>
  );
}

/** Moves labels apart so that each has its own line, keeping their order from top to bottom. */
function spread(wanted: readonly number[]): number[] {
  const gap = 29;
  const order = wanted.map((y, index) => ({ y, index })).sort((a, b) => a.y - b.y);
  const at: number[] = [];
  let last = Number.NEGATIVE_INFINITY;
  for (const { y, index } of order) {
    last = Math.max(y, last + (wanted.length > 2 ? 16 : gap));
    at[index] = last;
  }
  return at;
}
