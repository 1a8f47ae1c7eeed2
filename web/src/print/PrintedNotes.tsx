import { NoteRow } from "../records/NoteRow";
import { useNotes } from "../records/useNotes";

/** The notes on the plan, with their photographs, for paper. */
export function PrintedNotes() {
  const { notes } = useNotes(null);
  return (
    <section className="book-page" aria-label="Notes">
      <h1 className="mb-3">Notes</h1>
      {notes.length === 0 && <p>No notes.</p>}
      <ul>
        {notes.map((one) => (
          <NoteRow key={one.record.uuid} counted={one} named />
        ))}
      </ul>
    </section>
  );
}
