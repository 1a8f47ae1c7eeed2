import { NoteRow } from "../records/NoteRow";
import { useNotes } from "../records/useNotes";

/** The notes on the plan, with their photographs, for paper; no sheet without any. */
export function PrintedNotes() {
  const { notes } = useNotes(null);
  if (notes.length === 0) return null;
  return (
    <section className="book-page" aria-label="Notes">
      <h1 className="mb-3">Notes</h1>
      <ul>
        {notes.map((one) => (
          <NoteRow key={one.record.uuid} counted={one} named />
        ))}
      </ul>
    </section>
  );
}
