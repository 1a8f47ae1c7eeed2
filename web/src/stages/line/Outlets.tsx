import { api } from "../../api/client";
import type { LineDrawing, OutletExtremes } from "../../api/types";
import { useOfPlan } from "../../plan/server/useOfPlan";
import { valueAt } from "../../plan/state/edits";
import { usePlan } from "../../plan/state/PlanContext";
import { FigureButton } from "../../plan/widgets/FigureButton";

type Props = { drawing: LineDrawing; scene: string | undefined; onScene: (id: string) => void };

/** Each outlet as it runs alone, and those that run together: choosing one shows its water above. */
export function Outlets({ drawing, scene, onScene }: Props) {
  const { plan, set } = usePlan();
  const extremes = useOfPlan("extremes", api.lineExtremes);
  const several = drawing.scenes.filter((one) => one.taps.length > 1);
  return (
    <section aria-label="What is open" className="mt-3 grid grid-cols-[repeat(auto-fill,minmax(196px,1fr))] gap-2.5">
      {drawing.outlets.map((outlet) => (
        <div key={outlet.id} className={`card ${outlet.id === scene ? "card-on" : ""} flex flex-col gap-1 p-3`}>
          <button
            type="button"
            className="quiet self-start"
            aria-pressed={outlet.id === scene}
            onClick={() => onScene(outlet.id)}
          >
            {outlet.name}
          </button>
          <span className={`big ${outlet.enough ? "" : "text-rust"}`}>
            <FigureButton id={outlet.figure_id} />
          </span>
          <span className="text-[13px] text-ink-2">{outlet.words}</span>
          <span className="text-[13px] text-ink-2">
            {outlet.draws}: <FigureButton id={outlet.drawn_figure_id} />
          </span>
          <span className="text-[13px] text-ink-2">
            {extremes.data?.find((one) => one.outlet === outlet.id)?.words ?? "With a low battery: working it out …"}
          </span>
          <OnMains extremes={extremes.data?.find((one) => one.outlet === outlet.id)} />
          {outlet.hot && <span className="text-[13px] text-ink-2">{outlet.hot}</span>}
          <label className="mt-auto flex items-center gap-2 pt-1 text-[13px]">
            <input
              type="checkbox"
              className="size-5"
              checked={valueAt(plan, outlet.together_pointer) === true}
              onChange={(event) =>
                set(
                  outlet.together_pointer,
                  event.target.checked || undefined,
                  `${outlet.name}: ${event.target.checked ? "runs with the others" : "runs alone"}`,
                )
              }
            />
            has to run with others
          </label>
        </div>
      ))}
      {several.map((one) => (
        <div key={one.id} className={`card ${one.id === scene ? "card-on" : ""} flex flex-col gap-1 p-3`}>
          <button
            type="button"
            className="quiet self-start"
            aria-pressed={one.id === scene}
            onClick={() => onScene(one.id)}
          >
            {one.title}
          </button>
          <ul className="text-[13px]">
            {one.taps.map((tap) => (
              <li key={tap.outlet} className="flex justify-between gap-3 border-b border-dotted border-rule py-1">
                <span>{tap.name}</span>
                <span className={`font-[560] whitespace-nowrap ${tap.enough ? "" : "text-rust"}`}>{tap.text}</span>
              </li>
            ))}
          </ul>
          <span className="text-[13px] text-ink-2">{one.pump}</span>
        </div>
      ))}
    </section>
  );
}

/** What an outlet gives on mains, where mains comes to it; its sum opens like any other. */
function OnMains({ extremes }: { extremes: OutletExtremes | undefined }) {
  const { openSum } = usePlan();
  const figure = extremes?.mains_figure;
  if (!figure) return null;
  return (
    <span className="text-[13px] text-ink-2">
      {extremes.mains}:{" "}
      <button type="button" className="figure" onClick={() => openSum(figure)} title={`${figure.label}: open the sum`}>
        {figure.text}
      </button>
    </span>
  );
}
