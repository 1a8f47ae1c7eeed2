import type { LineDrawing, Plan } from "../../api/types";
import { ChoiceField } from "../../fields/ChoiceField";
import { MeasuredFields } from "../../fields/MeasuredFields";
import { QuantityField } from "../../fields/QuantityField";
import { TextField } from "../../fields/TextField";
import { Said } from "../../plan/server/useAction";
import { usePlan } from "../../plan/state/PlanContext";
import { FigureButton } from "../../plan/widgets/FigureButton";
import { RemoveButton } from "../../plan/widgets/RemoveButton";
import { Chooser } from "./Chooser";
import { KeepPart } from "./OwnParts";
import { Pick } from "./Pick";
import { useLineEdit } from "./useLineEdit";
import { useParts } from "./useParts";

type Props = {
  part: Plan["line"]["parts"][number];
  index: number;
  drawing: LineDrawing;
  onGone: () => void;
};

/** One part of the line: its figures, where it sits, and what can be done with it. */
export function PartPanel({ part, index, drawing, onGone }: Props) {
  const { assessment } = usePlan();
  const { parts } = useParts();
  const [said, edit] = useLineEdit();
  const at = `/line/parts/${index}`;
  const element = drawing.elements.find((one) => one.id === part.id);
  const stock = parts.filter((one) => one.ports === (parts.find((p) => p.kind === part.kind)?.ports ?? -1));
  const swaps = stock.filter((one) => one.family === part.figures.family && one.id !== part.stock);
  const isCool = assessment.findings.some((one) => one.code === "line.store-cool" && one.subject.includes(part.id));
  const curve = part.figures.family === "pump" ? part.figures.curve : [];
  const usual = drawing.outlets.find((one) => one.id === part.id)?.usual;
  const filter = drawing.filters.find((one) => one.id === part.id);
  const names = new Map(drawing.elements.map((one) => [one.id, one.name]));
  return (
    <div>
      <div className="flex flex-wrap items-start gap-2">
        <TextField pointer={`${at}/name`} label="Name of the part" className="min-w-40 flex-1" />
        {element?.in_path && (
          <button
            type="button"
            className="plain"
            onClick={() => void edit({ do: "turn", part: part.id }, `${part.name} turned round`)}
          >
            Turn round
          </button>
        )}
        <RemoveButton
          id={part.id}
          onRemove={() => {
            onGone();
            void edit({ do: "take_out", part: part.id }, `${part.name} removed`);
          }}
        />
      </div>
      {part.reversed && <p className="mt-1 text-[13px] text-ink-2">Turned round</p>}
      <div className="measures mt-3">
        <MeasuredFields pointer={at} />
      </div>
      {part.figures.family === "heater" && (
        <div className="mt-3 flex flex-col gap-3">
          <ChoiceField pointer={`${at}/figures/source`} />
          {(isCool || part.figures.cooler_because) && <ChoiceField pointer={`${at}/figures/cooler_because`} />}
          {part.figures.source !== "battery" && part.figures.source !== "gas" && part.figures.source !== "mains" && (
            <ChoiceField pointer={`${at}/figures/double_wall`} />
          )}
        </div>
      )}
      {part.figures.family === "filter" && (
        <div className="mt-3">
          <ChoiceField pointer={`${at}/figures/takes_disinfectant`} />
        </div>
      )}
      <div className="mt-3">
        <ChoiceField pointer={`${at}/drain_before_frost`} />
      </div>
      {filter && (
        <p className="mt-2 text-[13px] text-ink-2">
          {filter.words} <FigureButton id={filter.lasts_figure_id} />
        </p>
      )}
      {usual && <p className="mt-2 text-[13px] text-ink-2">Usual here: {usual}</p>}
      {curve.length > 0 && (
        <fieldset className="mt-3">
          <legend className="label">Its curve, starting at no flow</legend>
          {curve.map((_, point) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: the points of a curve have no names, only an order
            <div key={point} className="flex gap-4">
              <QuantityField pointer={`${at}/figures/curve/${point}/lpm`} />
              <QuantityField pointer={`${at}/figures/curve/${point}/kpa`} />
            </div>
          ))}
        </fieldset>
      )}
      <div className="mt-3 grid gap-3 ">
        <Chooser
          label="Replace it with"
          parts={swaps}
          button="Fit it there"
          onChoose={(one) =>
            void edit({ do: "swap", part: part.id, stock: one.id }, `${one.name} in place of ${part.name}`)
          }
        />
        {element?.in_path && (
          <Pick
            label="Move it into another pipe"
            ask="Choose where"
            options={drawing.pipes
              .filter((pipe) => pipe.from !== part.id && pipe.to !== part.id)
              .map((pipe) => ({ value: pipe.id, text: `${names.get(pipe.from)} → ${names.get(pipe.to)}` }))}
            onPick={(pipe) => void edit({ do: "move", part: part.id, pipe }, `${part.name} moved`)}
          />
        )}
      </div>
      <KeepPart part={part.id} />
      <Said said={said} />
    </div>
  );
}
