import { useWho } from "../access/WhoContext";
import { NoteRow } from "../records/NoteRow";
import { useNotes } from "../records/useNotes";

/** The notes on the plan, with their photographs, for paper; no sheet without any. */
export function PrintedNotes() {
  const { notes } = useNotes(null);
  // Whoever came by a link has no other page on which to change a note.
  const who = useWho();
  if (notes.length === 0) return null;
  return (
    <section className={who.plan === null ? "book-page" : "mt-8"} aria-label="Notes">
      <h1 className="mb-3">Notes</h1>
      <ul>
        {notes.map((one) => (
          <NoteRow key={one.record.uuid} counted={one} named />
        ))}
      </ul>
    </section>
  );
}
