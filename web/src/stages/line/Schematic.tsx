import type { LineDrawing, LineScene, TurnedLine } from "../../api/types";
import { allCorners, type Layout, middleOf, readingOf } from "./layout";
import { PartGlyph } from "./PartGlyph";

type Props = {
  drawing: LineDrawing;
  scene: LineScene | undefined;
  /** How valves stand, where that is looked at. */
  valves: TurnedLine["valves"];
  /** Pipes of a mode that is looked at. */
  path: ReadonlySet<string> | null;
  trouble: ReadonlySet<string>;
  selected: string | null;
  layout: Layout;
  onSelect: (id: string) => void;
};

/** The line as it lays itself out along the water: parts to choose, what flows between them and at what pressure. */
export function Schematic({ drawing, scene, valves, path, trouble, selected, layout, onSelect }: Props) {
  const at = new Map(drawing.elements.map((element) => [element.id, element]));
  const stands = new Map(valves.map((one) => [one.id, one]));
  const flows = new Map(scene?.flows.map((flow) => [flow.pipe, flow]));
  const ends = drawing.pipes.flatMap((pipe) => {
    const [from, to] = [at.get(pipe.from), at.get(pipe.to)];
    return from && to ? [{ pipe, from, to }] : [];
  });
  const corners = allCorners(ends, layout);
  const drawn = ends.map((one, index) => ({
    ...one,
    corners: corners[index]!,
    reading: readingOf(one.from, one.to, one.pipe, layout, corners.toSpliced(index, 1)),
  }));
  return (
    <>
      <svg width={layout.width} height={layout.height} aria-hidden="true" className="absolute inset-0">
        {drawn.map(({ pipe, corners }) => {
          const flow = flows.get(pipe.id);
          const d = `M${corners.map(([x, y]) => `${x} ${y}`).join("L")}`;
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
        {/* Over every pipe, with a rim of the ground. */}
        {drawn.map(({ pipe, reading }) => {
          const pressure = flows.get(pipe.id)?.pressure;
          // Where another pipe goes through it, it is read in its panel.
          if (!pressure || !reading.isClear) return null;
          const [x, y] = reading.at;
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
              <PartGlyph
                kind={element.kind}
                trouble={trouble.has(element.owner)}
                shut={stands.get(element.id)?.position === "shut"}
              />
            </g>
          );
        })}
        {drawing.elements.map((element) => {
          const valve = stands.get(element.id);
          const [x, y] = middleOf(element, layout);
          if (!valve) return null;
          return (
            <text
              key={element.id}
              x={x}
              y={y - 20}
              textAnchor="middle"
              className="valve-stands"
              data-shut={valve.position === "shut"}
            >
              {valve.text}
            </text>
          );
        })}
      </svg>
      {drawn.map(({ pipe, from, to, reading }) => {
        const [x, y] = reading.at;
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
            aria-label={[element.name, element.kind_word, stands.get(element.id)?.text].filter(Boolean).join(", ")}
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
