import { useState } from "react";
import { usePlan } from "../plan/state/PlanContext";
import { NoteForm } from "./NoteForm";
import { NoteRow } from "./NoteRow";
import { useNotes } from "./useNotes";

/** The notes on something in the plan, or on the plan as a whole, and writing another. */
export function NotesOf({ part, name }: { part: string; name: string }) {
  const { notes, away } = useNotes(part);
  const { state } = usePlan();
  const [writing, setWriting] = useState(false);
  return (
    <section aria-label={`Notes on ${name}`} className="mt-4 scroll-mt-16 border-t border-rule pt-3">
      <h3 className="label">Notes</h3>
      <ul>
        {notes.map((one) => (
          <NoteRow key={one.record.uuid} counted={one} />
        ))}
      </ul>
      {away && <p className="text-[13px] text-brass">The server is away: notes from other devices may be missing.</p>}
      {writing ? (
        <NoteForm
          about={{ part, partName: name, revision: state.saved.revision }}
          label={`A note on ${name}`}
          onDone={() => setWriting(false)}
        />
      ) : (
        <button type="button" className="plain mt-2" onClick={() => setWriting(true)}>
          Add a note
        </button>
      )}
    </section>
  );
}
