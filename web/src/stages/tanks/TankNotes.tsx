import type { Tank, TankDetail } from "../../api/types";
import { FigureButton } from "../../plan/widgets/FigureButton";
import { TankTilts } from "./TankTilts";

/** How a tank is filled and drained, what tilts its water, and what holds it. */
export function TankNotes({ tank, detail }: { tank: Tank; detail: TankDetail }) {
  return (
    <>
      {detail.handling.map((words) => (
        <p key={words} className="mt-2 text-[13px] text-ink-2">
          {words}
        </p>
      ))}
      <TankTilts tank={tank} tilts={detail.tilts} />
      {detail.restraint && (
        <p className="mt-2 text-[13px] text-ink-2">
          The restraint holds <FigureButton id={detail.restraint.forward_figure_id} /> forwards,{" "}
          <FigureButton id={detail.restraint.side_figure_id} /> backwards and sideways,{" "}
          <FigureButton id={detail.restraint.up_figure_id} /> upwards over a bump
          {detail.restraint.strap_forward_figure_id && detail.restraint.strap_up_figure_id && (
            <>
              : each strap <FigureButton id={detail.restraint.strap_forward_figure_id} /> forwards and{" "}
              <FigureButton id={detail.restraint.strap_up_figure_id} /> upwards
            </>
          )}
          . In a crash it pulls with <FigureButton id={detail.restraint.crash_figure_id} />. Have a licensed person
          judge that.
          {detail.slosh_figure_id && (
            <>
              {" "}
              {(tank.baffle_cells ?? 1) > 1 ? "Between its baffles the water" : "The water"} sloshes to and fro in{" "}
              <FigureButton id={detail.slosh_figure_id} />.
            </>
          )}
        </p>
      )}
    </>
  );
}
