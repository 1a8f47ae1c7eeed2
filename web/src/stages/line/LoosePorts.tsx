import type { LineDrawing } from "../../api/types";
import { Said } from "../../plan/server/useAction";
import { Chooser } from "./Chooser";
import { Pick } from "./Pick";
import { useLineEdit } from "./useLineEdit";
import { useParts } from "./useParts";

/** Goes on building behind a part at which nothing is joined yet, or joins it to another such. */
export function LoosePorts({ drawing, owner }: { drawing: LineDrawing; owner: string }) {
  const { parts } = useParts();
  const [said, edit] = useLineEdit();
  const free = drawing.free_ports.filter((port) => port.owner === owner);
  const others = drawing.free_ports.filter((port) => port.owner !== owner);
  if (free.length === 0) return null;
  return (
    <section aria-label="Not connected yet" className="mt-3 grid gap-3">
      {free.map((port) => (
        <div key={port.port} className="grid gap-3">
          <Chooser
            label={`Fit to its ${port.word}`}
            parts={parts.filter((one) => one.ports > 0)}
            button="Fit it there"
            onChoose={(one) => void edit({ do: "after", port: port.port, part: one.id }, `${one.name} fitted`)}
          />
          {others.length > 0 && (
            <Pick
              label={`or a pipe from its ${port.word} to`}
              ask="Choose where"
              options={others.map((one) => ({ value: one.port, text: `${one.name}, ${one.word}` }))}
              onPick={(to) => void edit({ do: "join", from: port.port, to }, "Joined")}
            />
          )}
        </div>
      ))}
      <Said said={said} />
    </section>
  );
}
