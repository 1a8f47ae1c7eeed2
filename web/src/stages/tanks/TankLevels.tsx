import { useId, useState } from "react";
import { api } from "../../api/client";
import type { Tank } from "../../api/types";
import { whyNot } from "../../api/whyNot";
import { MeasuredFields } from "../../fields/MeasuredFields";
import { giveFile } from "../../frame/giveFile";
import { useWhenSettled } from "../../plan/server/useWhenSettled";
import { patched } from "../../plan/state/edits";
import { usePlan } from "../../plan/state/PlanContext";

/** The table of a tank that was measured by filling it: typed line by line, pasted, or as CSV in and out. */
export function TankLevels({ tank, index }: { tank: Tank; index: number }) {
  const { assessment, apply, remove } = usePlan();
  const at = `/tanks/${index}/levels`;
  const detail = assessment.stages.tanks.drawing.tanks.find((one) => one.id === tank.id)?.detail;
  const table = detail?.table;
  const [, addLine] = useWhenSettled<true>(() => detail?.add_level && apply(detail.add_level));
  return (
    <section aria-label={`What ${tank.name} holds, measured`} className="mt-4">
      <h3 className="label">What it holds, measured by filling it</h3>
      <div className="relative max-h-80 overflow-y-auto">
        {tank.levels.map((level, of) => (
          <div key={level.id} className="flex flex-wrap items-end gap-x-3 border-b border-dotted border-rule py-1">
            <MeasuredFields pointer={`${at}/${of}`} />
            {tank.levels.length > 1 && (
              <button
                type="button"
                className="plain small"
                aria-label={`Remove line ${of + 1}`}
                onClick={() => remove(`${at}/${of}`, "#more-levels")}
              >
                Remove
              </button>
            )}
          </div>
        ))}
      </div>
      <div className="mt-2 flex flex-wrap gap-2">
        <button type="button" id="more-levels" className="plain small" onClick={() => addLine(true)}>
          Add a line
        </button>
        {table && (
          <button
            type="button"
            className="plain small"
            onClick={() => giveFile(table, `${tank.name}.csv`, "text/csv;charset=utf-8")}
          >
            Export as CSV
          </button>
        )}
      </div>
      <Paste tank={tank} />
    </section>
  );
}

/** Lines from a sheet or a file in place of those that stand there. */
function Paste({ tank }: { tank: Tank }) {
  const { plan, edit } = usePlan();
  const [text, setText] = useState("");
  const [problem, setProblem] = useState("");
  const id = useId();
  const take = async (pasted: string) => {
    try {
      edit(patched(plan, await api.levels(pasted, tank.id, plan)), `${tank.name}: another table`);
      setText("");
      setProblem("");
    } catch (error) {
      setProblem(whyNot(error).join(" "));
    }
  };
  return (
    <div className="mt-2">
      <label htmlFor={id} className="label">
        Paste a table: a height and its litres on each line
      </label>
      <textarea
        id={id}
        className="mt-1 w-full"
        rows={3}
        value={text}
        placeholder={"120; 14.5\n240; 31"}
        aria-invalid={problem !== ""}
        aria-describedby={`${id}-problem`}
        onChange={(event) => setText(event.target.value)}
      />
      <p id={`${id}-problem`} role="alert" className="text-[13px] text-rust">
        {problem}
      </p>
      <div className="mt-1 flex flex-wrap items-center gap-2">
        <button
          type="button"
          className="plain small"
          aria-disabled={text.trim() === ""}
          onClick={() => text.trim() !== "" && void take(text)}
        >
          Use this table
        </button>
        <label className="plain small cursor-pointer">
          Read a CSV file
          <input
            type="file"
            accept=".csv,.txt,text/csv,text/plain"
            className="sr-only"
            onChange={(event) => {
              const file = event.target.files?.[0];
              event.target.value = "";
              if (file) void file.text().then(take);
            }}
          />
        </label>
      </div>
    </div>
  );
}
