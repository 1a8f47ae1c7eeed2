import { usePlan } from "../../plan/state/PlanContext";
import { FigureButton } from "../../plan/widgets/FigureButton";

/** What is left to each limit in every state of the rig, from empty to filled again with the waste aboard. */
export function StatesTable() {
  const { limits, states } = usePlan().assessment.stages.load.drawing;
  return (
    <div className="mt-4 overflow-x-auto">
      <table className="w-full text-[13.5px]">
        <caption className="label pb-1 text-left">What is left to each limit, in every state</caption>
        <thead>
          <tr className="text-left text-ink-2">
            <td />
            {limits.map((limit) => (
              <th key={limit.name} scope="col" className="py-1 pl-3 text-right font-[560]">
                {limit.title}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {states.map((state) => (
            <tr key={state.title} className="border-t border-dotted border-rule">
              <th scope="row" className="py-1 text-left font-normal">
                {state.title}
              </th>
              {state.cells.map((cell) => (
                <td key={cell.figure_id} className="py-1 pl-3 text-right">
                  <FigureButton id={cell.figure_id} className={cell.over ? "font-[640] text-rust" : "font-[560]"}>
                    {cell.spare}
                    {cell.over && <span className="sr-only"> over</span>}
                  </FigureButton>
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
