import type { Load } from "../../api/types";
import { ORIGIN } from "../../drawing/scale";
import { QuantityField } from "../../fields/QuantityField";
import { TextField } from "../../fields/TextField";
import { FigureButton } from "../../plan/FigureButton";
import { usePlan } from "../../plan/PlanContext";
import { FillSlider } from "./FillSlider";

type Selection = { selected: string | null; onSelect: (id: string | null) => void };

/** The weigh-ticket: what she weighs empty, what comes aboard, the water, and what is left. */
export function WeighTicket({ selected, onSelect }: Selection) {
  const { plan, add, assessment, settled } = usePlan();
  const gross = assessment.stages.load.drawing.limits[0];
  return (
    <section aria-label="Weigh ticket" className="card card-on p-3.5">
      <h2 className="label mb-1">Weigh ticket, {assessment.stages.load.drawing.fill.underway}</h2>
      <Row id="load.empty" />
      {plan.load.loads.map((load, index) => (
        <LoadRow key={load.id} load={load} index={index} open={selected === load.id} onSelect={onSelect} />
      ))}
      {assessment.stages.load.additions.map((addition) => (
        <button
          key={addition.label}
          type="button"
          className="quiet"
          disabled={!settled}
          onClick={() => onSelect(add(addition))}
        >
          {addition.label}
        </button>
      ))}
      <Row id="load.tanks" />
      <Row id="load.drinking" />
      <Row id="load.water" />
      {gross && (
        <>
          <Row id="load.gross.travel" label="Together" sum />
          <p className="ticket-row">
            <span>{gross.title}</span> <b>{gross.limit}</b>
          </p>
          <Row id="load.gross.spare" label="Left" />
        </>
      )}
      <FillSlider />
    </section>
  );
}

function Row({ id, label, sum = false }: { id: string; label?: string; sum?: boolean }) {
  const { assessment } = usePlan();
  const figure = assessment.figures[id];
  if (!figure) return null;
  return (
    <p className={`ticket-row ${sum ? "ticket-sum" : ""}`}>
      <span>{label ?? figure.label}</span>
      <FigureButton id={id} className="font-[560]" />
    </p>
  );
}

function LoadRow({
  load,
  index,
  open,
  onSelect,
}: {
  load: Load;
  index: number;
  open: boolean;
  onSelect: (id: string | null) => void;
}) {
  const { plan, edit, untype, assessment } = usePlan();
  const at = `/load/loads/${index}`;
  const kg = assessment.readings[`${at}/kg`];
  const remove = () => {
    untype("/load/loads");
    onSelect(null);
    edit(
      { ...plan, load: { ...plan.load, loads: plan.load.loads.filter((one) => one.id !== load.id) } },
      `without ${load.name}`,
    );
  };
  if (!open) {
    return (
      <button type="button" className="ticket-row ticket-open" onClick={() => onSelect(load.id)} aria-expanded={false}>
        <span>{load.name}</span>
        <b>
          {kg?.text} {kg?.symbol}
        </b>
      </button>
    );
  }
  return (
    <div className="my-1 border-l-4 border-rim pl-2.5">
      <TextField pointer={`${at}/name`} label="What it is" />
      <div className="mt-1.5 flex flex-wrap gap-x-3 gap-y-1.5">
        <QuantityField pointer={`${at}/kg`} label="Weight" width="w-18" />
        <QuantityField pointer={`${at}/x_m`} label={ORIGIN[plan.load.rig.kind]} width="w-18" />
        <QuantityField pointer={`${at}/y_m`} label="Across" width="w-24" />
        <QuantityField pointer={`${at}/z_m`} label="Height" width="w-18" />
      </div>
      <div className="flex gap-3">
        <button type="button" className="quiet" onClick={() => onSelect(null)}>
          Done
        </button>
        <button type="button" className="quiet" onClick={remove}>
          Remove
        </button>
      </div>
    </div>
  );
}
