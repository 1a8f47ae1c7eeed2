import type { Tank } from "../../api/types";
import { Said } from "../../plan/server/useAction";
import { usePlan } from "../../plan/state/PlanContext";
import { Chooser } from "./Chooser";
import { useLineEdit } from "./useLineEdit";
import { useParts } from "./useParts";

/** Where a line begins: what is joined to a tank’s outlet. */
export function TankPanel({ tank }: { tank: Tank }) {
  const { goTo, plan } = usePlan();
  const { parts } = useParts();
  const [said, edit] = useLineEdit();
  return (
    <div>
      <button type="button" className="plain" onClick={() => goTo(`/tanks/${plan.tanks.indexOf(tank)}/name`)}>
        Its sizes, on Tanks
      </button>
      <div className="mt-3">
        <Chooser
          label="Fit downstream of its outlet"
          parts={parts.filter((one) => one.behind)}
          button="Fit it there"
          onChoose={(one) =>
            void edit({ do: "after", port: `${tank.id}.outlet`, part: one.id }, `${one.name} fitted to ${tank.name}`)
          }
        />
      </div>
      <Said said={said} />
    </div>
  );
}
