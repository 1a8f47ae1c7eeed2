import type { LineDrawing } from "../../api/types";
import { ChoiceField } from "../../fields/ChoiceField";
import { MeasuredFields } from "../../fields/MeasuredFields";
import { TextField } from "../../fields/TextField";
import { Said } from "../../plan/server/useAction";
import { usePlan } from "../../plan/state/PlanContext";
import { freeName, newId } from "../../plan/state/parts";
import { RemoveButton } from "../../plan/widgets/RemoveButton";
import { Chooser } from "./Chooser";
import { Pick } from "./Pick";
import { useLineEdit } from "./useLineEdit";
import { useParts } from "./useParts";

/** The points that it passes between its ends: from them its length and its place in the rig follow. */
function Points({ pipe }: { pipe: LineDrawing["pipes"][number] }) {
  const { plan, set, remove } = usePlan();
  const points = plan.line.pipes.find((one) => one.id === pipe.id)?.points ?? [];
  const start = pipe.points[0];
  const addPoint = () => {
    if (!start) return;
    const name = freeName(
      "Point",
      points.map((one) => one.name),
    );
    set(
      `${pipe.pointer}/points`,
      [...points, { id: newId(plan, "point"), name, ...start }],
      `${pipe.name}: ${name} added`,
    );
  };
  return (
    <fieldset className="mt-3">
      <legend className="label">Passes</legend>
      {points.map((point, index) => (
        <div key={point.id} className="flex flex-wrap items-end gap-3 py-1">
          <TextField pointer={`${pipe.pointer}/points/${index}/name`} label="Name of the point" className="w-32" />
          <MeasuredFields pointer={`${pipe.pointer}/points/${index}`} />
          <button
            type="button"
            className="plain small"
            aria-label={`${point.name}: remove`}
            onClick={() => remove(`${pipe.pointer}/points/${index}`, ".opened button")}
          >
            Remove
          </button>
        </div>
      ))}
      <button type="button" className="plain small mt-1" onClick={addPoint}>
        Add a point that it passes
      </button>
    </fieldset>
  );
}

type Props = { pipe: LineDrawing["pipes"][number]; drawing: LineDrawing; onGone: () => void };

/** One pipe: its length and bore, and what is put into it or branches off. */
export function PipePanel({ pipe, drawing, onGone }: Props) {
  const { parts, pipes } = useParts();
  const [said, edit] = useLineEdit();
  const name = (id: string) => drawing.elements.find((one) => one.id === id)?.name;
  return (
    <div>
      <div className="flex flex-wrap items-start gap-2">
        <TextField pointer={`${pipe.pointer}/name`} label="Name of the pipe" className="min-w-40 flex-1" />
        <RemoveButton
          id={pipe.id}
          onRemove={() => {
            onGone();
            void edit({ do: "take_pipe", pipe: pipe.id }, `${pipe.name} removed`);
          }}
        />
      </div>
      <p className="mt-1 text-[13px] text-ink-2">
        From {name(pipe.from)} to {name(pipe.to)}: {pipe.words}
      </p>
      <div className="measures mt-3">
        <MeasuredFields pointer={pipe.pointer} />
      </div>
      <div className="mt-3">
        <ChoiceField pointer={`${pipe.pointer}/joint`} />
      </div>
      <Points pipe={pipe} />
      <div className="mt-3 grid gap-3 ">
        <Chooser
          label="Fit into it"
          parts={parts.filter((one) => one.into)}
          button="Fit it"
          onChoose={(one) => void edit({ do: "into", pipe: pipe.id, part: one.id }, `${one.name} fitted`)}
        />
        <Chooser
          label="Branch off from it"
          parts={parts.filter((one) => one.branch)}
          button="Branch it off"
          onChoose={(one) => void edit({ do: "branch", pipe: pipe.id, part: one.id }, `${one.name} branched off`)}
        />
        <Pick
          label="Type of pipe"
          ask="Choose another"
          options={pipes.map((one) => ({ value: one.id, text: one.name }))}
          onPick={(hose) => void edit({ do: "hose", pipe: pipe.id, hose }, `${pipe.name}: another pipe`)}
        />
      </div>
      <Said said={said} />
    </div>
  );
}
