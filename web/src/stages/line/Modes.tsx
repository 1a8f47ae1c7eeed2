import type { LineDrawing } from "../../api/types";
import { FigureButton } from "../../plan/widgets/FigureButton";
import type { Turned } from "./useTurned";

type Props = { modes: LineDrawing["modes"]; turned: Turned };

/** A card for each mode, in the order in which hands turn the valves; choosing one turns them and shows what flows, or its way. */
export function Modes({ modes, turned }: Props) {
  const chosen = turned.mode;
  if (modes.length === 0) return null;
  return (
    <section aria-label="Modes" className="mt-5">
      <h2 className="label mb-1">Valve settings</h2>
      <div className="grid grid-cols-[repeat(auto-fill,minmax(220px,1fr))] gap-2.5">
        {modes.map((mode) => (
          <div key={mode.id} className={`card ${mode.id === chosen ? "card-on" : ""} p-3`}>
            <button
              type="button"
              className="quiet"
              aria-pressed={mode.id === chosen}
              onClick={() => turned.look(mode.id === chosen ? null : mode.id)}
            >
              {mode.title}
            </button>
            <ol className="mt-1 text-[13px]">
              {mode.steps.map((step) => (
                <li key={step}>{step}</li>
              ))}
            </ol>
            {mode.id === chosen && turned.line && (
              <ul role="status" className="mt-1 text-[13px]">
                {turned.line.scenes
                  .flatMap((scene) => scene.taps.filter((tap) => tap.outlet === scene.id))
                  .map((tap) => (
                    <li key={tap.outlet}>
                      {tap.name}: <b className={tap.enough ? "" : "text-rust"}>{tap.text}</b>
                    </li>
                  ))}
              </ul>
            )}
            {mode.left_figure_id && (
              <p className="mt-1 text-[13px] text-ink-2">
                Stays in the line: <FigureButton id={mode.left_figure_id} />
              </p>
            )}
            {mode.care && <p className="mt-1 text-[13px] text-ink-2">{mode.care}</p>}
            {mode.trouble && <p className="mt-1 text-[13px] text-rust">{mode.trouble}</p>}
          </div>
        ))}
      </div>
    </section>
  );
}
