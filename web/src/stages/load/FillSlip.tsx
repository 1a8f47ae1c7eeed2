import { ChoiceField } from "../../fields/ChoiceField";
import { MeasuredFields } from "../../fields/MeasuredFields";
import { usePlan } from "../../plan/state/PlanContext";
import { FigureButton } from "../../plan/widgets/FigureButton";

/** For the tap: how much goes into each tank before the road and on arrival, in buckets, minutes of the hose and on the meter. */
export function FillSlip() {
  const { slip, slip_why_not, arrival, waste_emptied } = usePlan().assessment.stages.load.drawing;
  if (slip.length === 0 && slip_why_not === "") return null;
  return (
    <section className="card mt-4 p-4" aria-label="Fill instructions">
      <table className="w-full text-[15px]">
        <caption className="label pb-1 text-left">Fill instructions, for tanks that have run dry</caption>
        <tbody>
          {slip.map((row) => (
            <tr key={row.id} className="border-b border-dotted border-rule align-baseline">
              <th scope="row" className="py-1.5 pr-3 text-left font-normal">
                {row.name}
              </th>
              <td className="py-1.5 pr-3">
                <FigureButton id={row.litres_figure_id} className="text-[19px] font-[640] text-water" />
              </td>
              <td className="py-1.5 pr-3">{row.cans ?? row.buckets}</td>
              <td className="py-1.5 pr-3">{row.minutes_figure_id && <FigureButton id={row.minutes_figure_id} />}</td>
              <td className="py-1.5">
                {row.meter_figure_id && (
                  <>
                    stop the meter at <FigureButton id={row.meter_figure_id} className="font-[640]" />
                  </>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {slip_why_not ? (
        <p className="text-rust">{slip_why_not}</p>
      ) : (
        <p className="mt-2 text-[13px] text-ink-2">
          A tank that has run dry still holds the water below its outlet. If it is completely empty, that water has to
          go in as well.
        </p>
      )}
      {arrival.length > 0 && (
        <table className="mt-3 w-full text-[15px]">
          <caption className="label pb-1 text-left">Filling up on arrival</caption>
          <tbody>
            {arrival.map((row) => (
              <tr key={row.id} className="border-b border-dotted border-rule align-baseline">
                <th scope="row" className="py-1.5 pr-3 text-left font-normal">
                  {row.name}
                </th>
                <td className="py-1.5 pr-3 whitespace-nowrap">
                  <FigureButton id={row.litres_figure_id} className="text-[19px] font-[640] text-water" /> more
                </td>
                <td className="py-1.5">
                  {row.by_hose && <div>{row.by_hose}</div>}
                  <div>
                    {row.by_hose && "or "}
                    {row.by_cans}
                  </div>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {waste_emptied !== undefined && (
        <div className="mt-3">
          <ChoiceField pointer="/load/waste_emptied" usual={waste_emptied} />
        </div>
      )}
      <div className="measures mt-3">
        <MeasuredFields pointer="/load" group="Filling" />
      </div>
    </section>
  );
}
