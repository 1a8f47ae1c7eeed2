import { useId, useState } from "react";
import type { Plan } from "../api/types";
import { usePlan } from "../plan/state/PlanContext";
import { NoteForm } from "../records/NoteForm";

/** Writing a note on the whole plan or on anything in it. */
export function NoteByLink() {
  const { plan, state } = usePlan();
  const id = useId();
  const [writing, setWriting] = useState(false);
  const [part, setPart] = useState("");
  const parts = partsOf(plan);
  const name = parts.find((one) => one.id === part)?.name ?? "the whole plan";
  if (!writing) {
    return (
      <button type="button" className="plain not-printed mb-4" onClick={() => setWriting(true)}>
        Add a note
      </button>
    );
  }
  return (
    <section className="not-printed card mb-4 max-w-md p-4" aria-label="Add a note">
      <div className="field">
        <label htmlFor={id} className="label">
          On
        </label>
        <select id={id} className="line-select" value={part} onChange={(event) => setPart(event.target.value)}>
          <option value="">the whole plan</option>
          {parts.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </div>
      <NoteForm
        key={part}
        about={{ part: part || null, partName: part && name, revision: state.saved.revision }}
        label={`A note on ${name}`}
        onDone={() => setWriting(false)}
      />
    </section>
  );
}

const partsOf = ({ tanks, bays, line }: Plan) => [...tanks, ...bays, ...line.parts, ...line.pipes];
