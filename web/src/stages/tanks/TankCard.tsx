import type { Tank } from "../../api/types";
import { ORIGIN } from "../../drawing/scale";
import { Choice } from "../../fields/Choice";
import { QuantityField } from "../../fields/QuantityField";
import { TextField } from "../../fields/TextField";
import { FigureButton } from "../../plan/FigureButton";
import { usePlan } from "../../plan/PlanContext";
import { TankSection } from "./TankSection";

/** One tank: its section with heights and marks, and beside it what was measured. */
export function TankCard({ tank, index }: { tank: Tank; index: number }) {
  const { plan, edit, set, untype } = usePlan();
  const at = `/tanks/${index}`;
  const change = (tanks: Tank[], what: string) => {
    untype("/tanks");
    edit({ ...plan, tanks }, what);
  };
  const turn = () =>
    change(
      plan.tanks.map((one) =>
        one.id === tank.id ? { ...one, length_mm: tank.width_mm, width_mm: tank.length_mm } : one,
      ),
      `${tank.name} turned`,
    );
  return (
    <section
      aria-label={tank.name}
      className="card card-on grid gap-x-6 gap-y-4 p-4 md:grid-cols-[minmax(0,1fr)_minmax(0,412px)]"
    >
      <TankSection tank={tank} />
      <div>
        <div className="flex items-start gap-2">
          <TextField pointer={`${at}/name`} label="Name of the tank" className="flex-1" />
          <button type="button" className="plain" onClick={turn}>
            Turn
          </button>
          <button
            type="button"
            className="plain"
            onClick={() =>
              change(
                plan.tanks.filter((one) => one.id !== tank.id),
                `without ${tank.name}`,
              )
            }
          >
            Remove
          </button>
        </div>
        <p className="my-2 text-ink-2">
          <FigureButton id={`tanks.${tank.id}.usable`} className="text-[15px] font-[640] text-water" /> usable of{" "}
          <FigureButton id={`tanks.${tank.id}.gross`} />
        </p>
        <div className="mb-3 flex flex-wrap gap-2">
          <Choice
            label="Form"
            bare
            value={tank.form}
            options={[
              ["fixed", "fixed tank"],
              ["can", "can"],
            ]}
            onChange={(form) => set(`${at}/form`, form, `${tank.name}: ${form}`)}
          />
          <Choice
            label="Supply"
            bare
            value={tank.supply}
            options={[
              ["main", "main"],
              ["drinking", "drinking"],
            ]}
            onChange={(supply) => set(`${at}/supply`, supply, `${tank.name}: ${supply}`)}
          />
        </div>
        <div className="grid grid-cols-[repeat(auto-fill,minmax(96px,1fr))] gap-x-1 gap-y-1.5">
          <QuantityField pointer={`${at}/length_mm`} label="Length, along" width="w-15" />
          <QuantityField pointer={`${at}/width_mm`} label="Width, across" width="w-15" />
          <QuantityField pointer={`${at}/height_mm`} label="Height" width="w-15" />
          <QuantityField pointer={`${at}/displaced_fraction`} label="Baffles take" width="w-15" />
          <QuantityField pointer={`${at}/outlet_height_mm`} label="Outlet at" width="w-15" />
          <QuantityField pointer={`${at}/overflow_height_mm`} label="Overflow at" width="w-15" />
          <QuantityField pointer={`${at}/empty_kg`} label="Weight, empty" width="w-15" />
          <QuantityField pointer={`${at}/z_m`} label="Underside at" width="w-15" />
          <QuantityField pointer={`${at}/x_m`} label={ORIGIN[plan.load.rig.kind]} width="w-15" />
          <div className="col-span-2">
            <QuantityField pointer={`${at}/y_m`} label="Across" width="w-24" />
          </div>
        </div>
      </div>
    </section>
  );
}
