import type { LineDrawing } from "../../api/types";
import { usePlan } from "../../plan/PlanContext";
import { Chooser } from "./Chooser";
import { useLineEdit } from "./useLineEdit";
import { useParts } from "./useParts";

/** Goes on building behind a part at which nothing is joined yet, or joins it to another such. */
export function LoosePorts({ drawing, owner }: { drawing: LineDrawing; owner: string }) {
  const { plan } = usePlan();
  const { parts } = useParts();
  const [refused, edit] = useLineEdit();
  const free = drawing.free_ports.filter((port) => port.owner === owner);
  const others = drawing.free_ports.filter((port) => port.owner !== owner);
  if (free.length === 0) return null;
  return (
    <section aria-label="Nothing joined yet" className="card mt-3 grid gap-3 p-4">
      {free.map((port) => (
        <div key={port.port} className="grid gap-3 md:grid-cols-2">
          <Chooser
            label={`Behind its ${port.word}`}
            parts={parts.filter((one) => one.ports > 0)}
            button="Put it there"
            onChoose={(one) => void edit({ do: "after", port: port.port, part: one.id }, `${one.name} put in`)}
          />
          {others.length > 0 && (
            <label className="field">
              <span className="label block">or a pipe from its {port.word} to</span>
              <select
                className="line-select"
                value=""
                onChange={(event) =>
                  void edit(
                    {
                      do: "join",
                      from: port.port,
                      to: event.target.value,
                      hose: plan.line.pipes[0]?.stock ?? "hose-braided-12",
                    },
                    "Joined",
                  )
                }
              >
                <option value="" disabled>
                  Choose where
                </option>
                {others.map((one) => (
                  <option key={one.port} value={one.port}>
                    {one.name}, {one.word}
                  </option>
                ))}
              </select>
            </label>
          )}
        </div>
      ))}
      {refused && (
        <p role="alert" className="refusal">
          {refused}
        </p>
      )}
    </section>
  );
}
