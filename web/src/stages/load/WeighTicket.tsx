import { MeasuredFields } from "../../fields/MeasuredFields";
import { TextField } from "../../fields/TextField";
import { usePlan } from "../../plan/state/PlanContext";
import { readingAt } from "../../plan/state/readingAt";
import { AddButton } from "../../plan/widgets/AddButton";
import { FigureButton } from "../../plan/widgets/FigureButton";
import { FillSlider } from "./FillSlider";

type Selection = { selected: string | null; onSelect: (id: string | null) => void };

/** The weigh-ticket: what she weighs empty, who and what comes aboard, the water, and what is left. */
export function WeighTicket({ selected, onSelect }: Selection) {
  const { plan, assessment } = usePlan();
  const { limits, taken, ticket } = assessment.stages.load.drawing;
  const gross = limits[0];
  const row = (list: string) => (part: { id: string; name: string }, index: number) => (
    <PartRow
      key={part.id}
      pointer={`${list}/${index}`}
      name={part.name}
      empty={list === "/load/seats" && !taken.includes(part.id)}
      open={selected === part.id}
      onTurn={(open) => onSelect(open ? part.id : null)}
    />
  );
  return (
    <section aria-label="Weigh ticket" className="card card-on p-3.5">
      <h2 className="label mb-1">{ticket}</h2>
      <Row id="load.empty" />
      {plan.load.seats.map(row("/load/seats"))}
      {plan.load.loads.map(row("/load/loads"))}
      <div id="add-to-ticket">
        {assessment.stages.load.additions.map((addition) => (
          <AddButton key={addition.label} addition={addition} className="quiet mr-2" onAdded={onSelect} />
        ))}
      </div>
      <Row id="load.line" />
      <Row id="load.line_water" />
      <Row id="load.tanks" />
      <Row id="load.fittings" />
      <Row id="load.drinking" />
      <Row id="load.water" />
      {assessment.figures["load.water_share"] && (
        <p className="my-2 text-ink-2">
          <FigureButton id="load.water_share" className="text-[24px] font-[680] text-water" /> of the payload is water
        </p>
      )}
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

type PartProps = {
  pointer: string;
  name: string;
  /** A seat on which nobody sits. */
  empty: boolean;
  open: boolean;
  onTurn: (open: boolean) => void;
};

/** Somebody's seat or a load: its weight, and when it is opened where it is. */
function PartRow({ pointer, name, empty, open, onTurn }: PartProps) {
  const { remove, assessment } = usePlan();
  const kg = readingAt(assessment, `${pointer}/kg`);
  if (!open) {
    return (
      <button type="button" className="ticket-row ticket-open" onClick={() => onTurn(true)} aria-expanded={false}>
        <span>{name}</span>
        <b>{empty ? "free" : `${kg?.text} ${kg?.symbol}`}</b>
      </button>
    );
  }
  return (
    <div className="my-1 border-l-4 border-rim pl-2.5">
      <TextField pointer={`${pointer}/name`} label="What it is" />
      <div className="mt-1.5 flex flex-wrap gap-x-3 gap-y-1.5">
        <MeasuredFields pointer={pointer} />
      </div>
      <div className="flex gap-3">
        <button type="button" className="quiet" onClick={() => onTurn(false)}>
          Done
        </button>
        <button
          type="button"
          className="quiet"
          onClick={() => {
            onTurn(false);
            remove(pointer, "#add-to-ticket button");
          }}
        >
          Remove
        </button>
      </div>
    </div>
  );
}
