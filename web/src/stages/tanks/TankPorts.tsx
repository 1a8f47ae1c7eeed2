import { useState } from "react";
import type { Run, Tank } from "../../api/types";
import { ChoiceField } from "../../fields/ChoiceField";
import { MeasuredFields } from "../../fields/MeasuredFields";
import { QuantityField } from "../../fields/QuantityField";
import { TextField } from "../../fields/TextField";
import { patched } from "../../plan/state/edits";
import { usePlan } from "../../plan/state/PlanContext";
import { newId } from "../../plan/state/parts";
import { AddButton } from "../../plan/widgets/AddButton";
import { useReveal } from "../../plan/widgets/useReveal";

/** A tank's ports, each with its fitting and its hose; to an outlet leads a pipe of the line. */
export function TankPorts({ tank, index }: { tank: Tank; index: number }) {
  const { plan, assessment, edit, untype } = usePlan();
  const at = `/tanks/${index}`;
  const drawing = assessment.stages.tanks.drawing.tanks.find((one) => one.id === tank.id);
  /** A port goes with the hose that begins at it. */
  const removePort = (of: number) => {
    const port = tank.ports[of];
    if (!port) return;
    untype(`${at}/ports/${of}`);
    const run = plan.runs.findIndex((one) => one.from === port.id);
    const hose = run < 0 ? [] : [{ op: "remove", path: `/runs/${run}` }];
    edit(patched(plan, [{ op: "remove", path: `${at}/ports/${of}` }, ...hose]), `${tank.name} ${port.name} removed`);
  };
  const [open, setOpen] = useState<string | null>(null);
  useReveal((pointer) => {
    const [, of, port] = pointer.match(/^\/tanks\/(\d+)\/ports\/(\d+)\//) ?? [];
    const run = pointer.match(/^\/runs\/(\d+)\//)?.[1];
    if (run !== undefined) setOpen(plan.runs[Number(run)]?.from ?? null);
    else if (Number(of) === index) setOpen(tank.ports[Number(port)]?.id ?? null);
  });
  const unreached = tank.ports.filter((port) =>
    drawing?.ports.some((one) => one.id === port.id && one.reached === false),
  );
  return (
    <div className="mt-4">
      <h3 className="font-[620]">Ports and their hoses</h3>
      {unreached.length > 0 && (
        <p className="my-1 text-[13px] text-brass">
          Fit {unreached.map((port) => port.name).join(", ")} before the tank goes in: that side cannot be reached
          afterwards.
        </p>
      )}
      {tank.ports.map((port, of) => {
        const run = plan.runs.findIndex((one) => one.from === port.id);
        const end = `${tank.id}.${port.id}`;
        const pipe = plan.line.pipes.find((one) => one.from === end || one.to === end);
        const words =
          port.role === "outlet"
            ? (pipe?.name ?? "no pipe yet")
            : assessment.stages.tanks.drawing.runs.find((one) => one.port_id === port.id)?.words;
        if (open !== port.id)
          return (
            <button
              key={port.id}
              type="button"
              aria-expanded={false}
              className="flex min-h-10 w-full flex-wrap items-center gap-x-3 border-b border-dotted border-rule text-left"
              onClick={() => setOpen(port.id)}
            >
              <span className="font-[640] text-rim">{port.name}</span>
              <span className="text-[13px] text-ink-2">{words}</span>
            </button>
          );
        return (
          <section
            key={port.id}
            aria-label={`${port.name} of ${tank.name}`}
            className="border-b border-dotted border-rule py-3"
          >
            <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
              <TextField pointer={`${at}/ports/${of}/name`} label="Name of the port" className="min-w-36 flex-1" />
              <ChoiceField pointer={`${at}/ports/${of}/role`} />
              <ChoiceField pointer={`${at}/ports/${of}/face`} />
              <ChoiceField pointer={`${at}/ports/${of}/drilled`} />
              <button type="button" className="plain" aria-label={`Remove ${port.name}`} onClick={() => removePort(of)}>
                Remove
              </button>
            </div>
            <div className="mt-2 flex flex-wrap items-end gap-x-4 gap-y-2">
              <MeasuredFields pointer={`${at}/ports/${of}`} />
            </div>
            {plan.runs[run] && <Hose run={plan.runs[run]} at={`/runs/${run}`} />}
          </section>
        );
      })}
      <div className="mt-2 flex flex-wrap gap-2">
        {drawing?.detail?.fittings.map((addition) => (
          <AddButton key={addition.label} addition={addition} className="plain" onAdded={setOpen} />
        ))}
      </div>
    </div>
  );
}

/** The points that a hose passes, the last of which is its end. */
function Hose({ run, at }: { run: Run; at: string }) {
  const { plan, assessment, edit, remove, untype } = usePlan();
  const words = assessment.stages.tanks.drawing.runs.find((one) => one.id === run.id)?.words;
  /** One more on the way, in front of the end. */
  const addPoint = () => {
    const last = run.points.at(-1);
    if (!last) return;
    untype(at);
    const place = Math.max(0, run.points.length - 1);
    const point = { ...last, id: newId(plan, "point"), name: `Bend ${run.points.length}` };
    edit(patched(plan, [{ op: "add", path: `${at}/points/${place}`, value: point }]), `${run.name}: a bend more`);
  };
  return (
    <div className="mt-2 border-l-3 border-rule pl-3">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <ChoiceField pointer={`${at}/end`} />
        <MeasuredFields pointer={at} />
        {words && <p className="pb-1.5 text-[13px] text-ink-2">{words}</p>}
      </div>
      {run.points.map((point, of) => (
        <div key={point.id} className="mt-1 flex flex-wrap items-end gap-x-3 gap-y-1">
          <TextField pointer={`${at}/points/${of}/name`} label="What the point is" className="w-36" />
          {["x_m", "y_m", "z_m"].map((key) => (
            <QuantityField key={key} pointer={`${at}/points/${of}/${key}`} />
          ))}
          {run.points.length > 1 && (
            <button
              type="button"
              className="plain small"
              aria-label={`Remove ${point.name} of ${run.name}`}
              onClick={() => remove(`${at}/points/${of}`, "#more-points")}
            >
              Remove
            </button>
          )}
        </div>
      ))}
      {run.points.length > 0 && (
        <button type="button" id="more-points" className="plain small mt-2" onClick={addPoint}>
          Add a bend
        </button>
      )}
    </div>
  );
}
