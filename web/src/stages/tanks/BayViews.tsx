import type { Bay, BayDrawing } from "../../api/types";
import { Hatch, seen } from "../../drawing/BaysFrom";
import { bodyOf, overlaps } from "../../drawing/place";
import { SizeText } from "../../drawing/SizeText";
import { useTrouble } from "../../drawing/useTrouble";
import { useWidth } from "../../drawing/useWidth";
import { usePlan } from "../../plan/state/PlanContext";
import { readingAt } from "../../plan/state/readingAt";

const [LEFT, TOP, GAP, BELOW] = [66, 20, 46, 24];
const MAX_HEIGHT = 330;
type Axis = "x" | "y" | "z";

/** A bay from the left, from above and from behind, to scale: its opening, what stands in it, and its tanks. */
export function BayViews({ bay, drawing, index }: { bay: Bay; drawing: BayDrawing; index: number }) {
  const { plan, assessment } = usePlan();
  const inTrouble = useTrouble();
  const [ref, width] = useWidth<HTMLDivElement>(400);
  const { box } = drawing;
  const [long, wide, high] = [box.to_x - box.from_x, box.to_y - box.from_y, box.to_z - box.from_z];
  const perM = Math.min((width - LEFT - GAP - 8) / (long + wide), MAX_HEIGHT / (high + wide), 260);
  const read = (key: string) => {
    const reading = readingAt(assessment, `/bays/${index}/${key}`);
    return `${reading?.text} ${reading?.symbol}`;
  };
  const tanks = plan.tanks.filter((tank) => tank.bay === bay.id || overlaps(bodyOf(tank), box));
  const floor = TOP + high * perM;
  const behind = LEFT + long * perM + GAP;
  const above = floor + BELOW + 20;
  const x = (m: number) => LEFT + (m - box.from_x) * perM;
  const views: { caption: string; right: [Axis, (m: number) => number]; up: [Axis, (m: number) => number] }[] = [
    { caption: "from the left", right: ["x", x], up: ["z", (m) => floor - (m - box.from_z) * perM] },
    {
      caption: "from behind",
      right: ["y", (m) => behind + (m - box.from_y) * perM],
      up: ["z", (m) => floor - (m - box.from_z) * perM],
    },
    { caption: "from above", right: ["x", x], up: ["y", (m) => above + (m - box.from_y) * perM] },
  ];
  return (
    <div ref={ref} className="relative min-w-0">
      <svg
        width={width}
        height={above + wide * perM + 6}
        role="group"
        aria-label={`${bay.name} from the left, from behind and from above: ${read("length_mm")} long, ${read("width_mm")} wide, ${read("height_mm")} high`}
        fill="none"
        strokeWidth="1.6"
      >
        <Hatch />
        {views.map(({ caption, right, up }) => {
          const wall = seen(box, right, up);
          return (
            <g key={caption}>
              <clipPath id={`${bay.id} ${caption}`}>
                <rect x={wall.x - 14} y={wall.y - 12} width={wall.width + 28} height={wall.height + 20} />
              </clipPath>
              <rect {...wall} className="stroke-ink" />
              <g clipPath={`url(#${CSS.escape(`${bay.id} ${caption}`)})`}>
                {tanks.map((tank) => (
                  <rect
                    key={tank.id}
                    {...seen(bodyOf(tank), right, up)}
                    className={`fill-wash ${inTrouble.has(tank.id) ? "stroke-rust" : "stroke-ink"}`}
                    fillOpacity="0.7"
                  />
                ))}
                {drawing.obstructions.map((one) => (
                  <rect
                    key={one.id}
                    {...seen(one.box, right, up)}
                    className={inTrouble.has(one.id) ? "stroke-rust" : "stroke-ink-2"}
                    fill="url(#hatch)"
                    strokeWidth="1.2"
                  />
                ))}
              </g>
              <Opening bay={bay} wall={wall} right={right[0]} up={up[0]} perM={perM} />
              <text x={wall.x} y={wall.y - 6} className="fill-ink-2" style={{ fontSize: 12 }}>
                {caption}
              </text>
            </g>
          );
        })}
        <SizeText pointer={`/bays/${index}/length_mm`} x={LEFT + (long * perM) / 2} y={floor + 16} />
        <SizeText pointer={`/bays/${index}/height_mm`} x={LEFT - 8} y={TOP + (high * perM) / 2 + 4} anchor="end" />
        <SizeText pointer={`/bays/${index}/width_mm`} x={LEFT - 8} y={above + (wide * perM) / 2 + 4} anchor="end" />
      </svg>
    </div>
  );
}

type OpeningProps = {
  bay: Bay;
  wall: { x: number; y: number; width: number; height: number };
  right: Axis;
  up: Axis;
  perM: number;
};

/** The opening in the rim's colour: a thick edge where its face is seen from the side, a frame where one looks onto it. */
function Opening({ bay, wall, right, up, perM }: OpeningProps) {
  const axis: Axis = { front: "x", rear: "x", left: "y", right: "y", top: "z", bottom: "z" }[bay.opening] as Axis;
  const far = { front: false, left: false, bottom: false, rear: true, right: true, top: true }[bay.opening];
  const px = (mm: number | undefined, most: number) => Math.min(most, mm === undefined ? most : (mm / 1000) * perM);
  /** The opening's own two sizes, by the axes of its face. */
  const size = (along: Axis, most: number) =>
    px(along === "z" || (axis === "z" && along === "y") ? bay.opening_height_mm : bay.opening_width_mm, most);
  const middle = { x: wall.x + wall.width / 2, y: wall.y + wall.height / 2 };
  if (axis === right) {
    const half = size(up, wall.height) / 2;
    const at = far ? wall.x + wall.width : wall.x;
    return <path d={`M${at} ${middle.y - half}V${middle.y + half}`} className="stroke-rim" strokeWidth="4" />;
  }
  if (axis === up) {
    const half = size(right, wall.width) / 2;
    // Upward on the page is high, but seen from above the left side is.
    const at = far === (up === "z") ? wall.y : wall.y + wall.height;
    return <path d={`M${middle.x - half} ${at}H${middle.x + half}`} className="stroke-rim" strokeWidth="4" />;
  }
  const [w, h] = [size(right, wall.width), size(up, wall.height)];
  return (
    <rect
      x={middle.x - w / 2}
      y={middle.y - h / 2}
      width={w}
      height={h}
      className="stroke-rim"
      strokeDasharray="6 4"
      strokeWidth="1.4"
    />
  );
}
