import type { LineDrawing, LineElement, LineScene } from "../../api/types";
import { type Layout, levelOf, middleOf, type Route, readingOf } from "./layout";
import { PartGlyph } from "./PartGlyph";

type Props = {
  drawing: LineDrawing;
  scene: LineScene | undefined;
  /** Pipes of a mode that is looked at. */
  path: ReadonlySet<string> | null;
  trouble: ReadonlySet<string>;
  selected: string | null;
  layout: Layout;
  onSelect: (id: string) => void;
};

/** The line as it lays itself out along the water: parts to choose, what flows between them and at what pressure. */
export function Schematic({ drawing, scene, path, trouble, selected, layout, onSelect }: Props) {
  const at = new Map(drawing.elements.map((element) => [element.id, element]));
  const flows = new Map(scene?.flows.map((flow) => [flow.pipe, flow]));
  return (
    <>
      <svg width={layout.width} height={layout.height} aria-hidden="true" className="absolute inset-0">
        {drawing.pipes.map((pipe) => {
          const [from, to] = [at.get(pipe.from), at.get(pipe.to)];
          if (!from || !to) return null;
          const flow = flows.get(pipe.id);
          const d = pathOf(from, to, pipe, layout);
          const dry = path !== null && !path.has(pipe.id);
          return (
            <g key={pipe.id} fill="none" opacity={dry ? 0.3 : 1}>
              <path d={d} className={trouble.has(pipe.id) ? "stroke-rust" : "stroke-ink"} strokeWidth="8" />
              <path
                d={d}
                className={pipe.id === selected ? "stroke-rim" : flow?.words ? "stroke-wash" : "stroke-sheet"}
                strokeWidth="5"
              />
              {pipe.hot && <path d={d} className="stroke-rust" strokeWidth="5" strokeDasharray="2 6" opacity=".7" />}
              {flow && flow.words !== "" && (
                <path
                  d={d}
                  className="flows stroke-water"
                  strokeWidth="2.4"
                  strokeDasharray="7 13"
                  style={{
                    animationDuration: `${0.5 / flow.mps}s`,
                    animationDirection: flow.lpm < 0 ? "reverse" : "normal",
                  }}
                />
              )}
            </g>
          );
        })}
        {/* Over every pipe, with a rim of the ground: one that crosses leaves it readable. */}
        {drawing.pipes.map((pipe) => {
          const [from, to] = [at.get(pipe.from), at.get(pipe.to)];
          const pressure = flows.get(pipe.id)?.pressure;
          if (!from || !to || !pressure) return null;
          const [x, y] = readingOf(from, to, pipe, layout);
          return (
            <text
              key={pipe.id}
              x={x}
              y={y}
              textAnchor="middle"
              paintOrder="stroke"
              strokeWidth="3"
              strokeLinejoin="round"
              className="fill-ink-2 stroke-ground text-[10.5px]"
              opacity={path !== null && !path.has(pipe.id) ? 0.3 : 1}
            >
              {pressure}
            </text>
          );
        })}
        {drawing.elements.map((element) => {
          const [x, y] = middleOf(element, layout);
          return (
            <g key={element.id} transform={`translate(${x} ${y})${element.reversed ? " scale(-1 1)" : ""}`} fill="none">
              <PartGlyph kind={element.kind} trouble={trouble.has(element.owner)} />
            </g>
          );
        })}
      </svg>
      {drawing.pipes.map((pipe) => {
        const [from, to] = [at.get(pipe.from), at.get(pipe.to)];
        if (!from || !to) return null;
        const [x, y] = readingOf(from, to, pipe, layout);
        return (
          <button
            key={pipe.id}
            type="button"
            className="line-pipe"
            aria-pressed={pipe.id === selected}
            aria-label={`${pipe.name}, from ${from.name} to ${to.name}: ${flows.get(pipe.id)?.words || "nothing flows"}`}
            title={`${pipe.words}${pipe.hot ? ", hot" : ""}. ${flows.get(pipe.id)?.words ?? ""}`}
            style={{ left: x - 15, top: y - 15 }}
            onClick={() => onSelect(pipe.id)}
          />
        );
      })}
      {drawing.elements.map((element) => {
        const [x, y] = middleOf(element, layout);
        return (
          <button
            key={element.id}
            type="button"
            className="line-part"
            data-part={element.id}
            aria-pressed={element.owner === selected}
            aria-label={`${element.name}, ${element.kind_word}`}
            style={{ left: x - layout.column / 2, top: y - 26, width: layout.column, height: 76 }}
            onClick={() => onSelect(element.owner)}
          >
            <span>{element.kind !== "tee" && <span>{element.name}</span>}</span>
          </button>
        );
      })}
    </>
  );
}

function pathOf(from: LineElement, to: LineElement, route: Route, layout: Layout): string {
  const [[x1, y1], [x2, y2]] = [middleOf(from, layout), middleOf(to, layout)];
  if (route.turns_first) return `M${x1} ${y1}V${y2}H${x2}`;
  // Past other rows it goes beside their parts.
  const beside = x2 - (0.4 + 0.09 * ((route.lane ?? 0) % 3)) * layout.column;
  if (route.lane_below !== undefined) return `M${x1} ${y1}V${levelOf(from, to, route, layout)}H${beside}V${y2}H${x2}`;
  return Math.abs(from.row - to.row) > 1 ? `M${x1} ${y1}H${beside}V${y2}H${x2}` : `M${x1} ${y1}H${x2}V${y2}`;
}
