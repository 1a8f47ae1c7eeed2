import type { LineDrawing, LineElement, LineScene } from "../../api/types";
import { columnWidth, GLYPH, middleOf, ROW, TOP } from "./layout";
import { PartGlyph } from "./PartGlyph";

type Props = {
  drawing: LineDrawing;
  scene: LineScene | undefined;
  /** Pipes of a mode that is looked at. */
  path: ReadonlySet<string> | null;
  trouble: ReadonlySet<string>;
  selected: string | null;
  width: number;
  onSelect: (id: string) => void;
};

/** The line as it lays itself out along the water: parts to choose, what flows between them and at what pressure. */
export function Schematic({ drawing, scene, path, trouble, selected, width, onSelect }: Props) {
  const column = columnWidth(drawing.columns, width);
  const at = new Map(drawing.elements.map((element) => [element.id, element]));
  const flows = new Map(scene?.flows.map((flow) => [flow.pipe, flow]));
  const height = TOP + (drawing.rows - 1) * ROW + GLYPH + 30;
  return (
    <>
      <svg width={width} height={height} aria-hidden="true" className="absolute inset-0">
        {drawing.pipes.map((pipe) => {
          const [from, to] = [at.get(pipe.from), at.get(pipe.to)];
          if (!from || !to) return null;
          const flow = flows.get(pipe.id);
          const d = pathOf(from, to, pipe.turns_first, column);
          const dry = path !== null && !path.has(pipe.id);
          const [textX, textY] = textAt(from, to, pipe.turns_first, column);
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
              {flow && flow.pressure !== "" && (
                <text x={textX} y={textY} textAnchor="middle" className="fill-ink-2 text-[10.5px]" stroke="none">
                  {flow.pressure}
                </text>
              )}
            </g>
          );
        })}
        {drawing.elements.map((element) => {
          const [x, y] = middleOf(element, column);
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
        const [x, y] = textAt(from, to, pipe.turns_first, column);
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
        const [x, y] = middleOf(element, column);
        return (
          <button
            key={element.id}
            type="button"
            className="line-part"
            data-part={element.id}
            aria-pressed={element.owner === selected}
            aria-label={`${element.name}, ${element.kind_word}`}
            style={{ left: x - column / 2, top: y - 26, width: column, height: 82 }}
            onClick={() => onSelect(element.owner)}
          >
            <span>{element.kind === "tee" ? "" : element.name}</span>
          </button>
        );
      })}
    </>
  );
}

export const heightOf = (drawing: LineDrawing): number => TOP + (drawing.rows - 1) * ROW + GLYPH + 30;

function pathOf(from: LineElement, to: LineElement, turnsFirst: boolean, column: number): string {
  const [[x1, y1], [x2, y2]] = [middleOf(from, column), middleOf(to, column)];
  if (turnsFirst) return `M${x1} ${y1}V${y2}H${x2}`;
  // Past other rows it goes beside their parts.
  if (Math.abs(from.row - to.row) > 1) return `M${x1} ${y1}H${x2 - 0.42 * column}V${y2}H${x2}`;
  return `M${x1} ${y1}H${x2}V${y2}`;
}

/** Above the middle of the level part of a pipe. */
function textAt(from: LineElement, to: LineElement, turnsFirst: boolean, column: number): [number, number] {
  const [[x1, y1], [x2, y2]] = [middleOf(from, column), middleOf(to, column)];
  return [(x1 + x2) / 2, (turnsFirst ? y2 : y1) - 8];
}
