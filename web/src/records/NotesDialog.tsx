import { DialogTitle } from "@headlessui/react";
import { useState } from "react";
import { usePlan } from "../plan/state/PlanContext";
import { OverPage } from "../plan/widgets/OverPage";
import { NoteForm } from "./NoteForm";
import { NoteRow } from "./NoteRow";
import { useNotes } from "./useNotes";

const PAGE = 100;

/** All notes on the plan: to be read, found, added to and given out as a table. */
export function NotesDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <OverPage open={open} onClose={onClose} className="max-h-[86vh] max-w-2xl">
      <DialogTitle as="h2">Notes</DialogTitle>
      {open && <AllNotes />}
      <button type="button" className="plain mt-3 self-end" onClick={onClose}>
        Close
      </button>
    </OverPage>
  );
}

function AllNotes() {
  const { state } = usePlan();
  const [words, setWords] = useState("");
  const [page, setPage] = useState(0);
  const [writing, setWriting] = useState(false);
  const { notes, total, away, reading } = useNotes(null, words.trim(), page);
  return (
    <>
      <div className="my-2 flex flex-wrap items-end gap-3">
        <label className="field">
          <span className="label">Find</span>
          <input
            type="text"
            className="w-56"
            value={words}
            placeholder="words of a note"
            onChange={(event) => {
              setWords(event.target.value);
              setPage(0);
            }}
          />
        </label>
        <button type="button" className="plain" onClick={() => setWriting(true)}>
          Add a note on the whole plan
        </button>
        <a className="quiet" href={`/api/plans/${state.id}/records.csv`} download>
          All as a table (CSV)
        </a>
      </div>
      {writing && (
        <NoteForm
          about={{ part: null, partName: "", revision: state.saved.revision }}
          label="A note on the whole plan"
          onDone={() => setWriting(false)}
        />
      )}
      {away && <p className="text-brass">The server is away: notes from other devices may be missing.</p>}
      {notes.length === 0 && !reading && (
        <p className="text-ink-2">
          {words.trim() === ""
            ? "No notes yet. Open a tank, a part, a pipe or a bay to write one on it."
            : "No note holds these words."}
        </p>
      )}
      <ul className="min-h-0 overflow-y-auto px-1">
        {notes.map((one) => (
          <NoteRow key={one.record.uuid} counted={one} named />
        ))}
      </ul>
      {total > PAGE && (
        <div className="mt-2 flex items-center gap-2">
          <button type="button" className="plain" disabled={page === 0} onClick={() => setPage(page - 1)}>
            Later
          </button>
          <button
            type="button"
            className="plain"
            disabled={(page + 1) * PAGE >= total}
            onClick={() => setPage(page + 1)}
          >
            Earlier
          </button>
          <span className="text-ink-2">
            {page * PAGE + 1} to {Math.min(total, (page + 1) * PAGE)} of {total}
          </span>
        </div>
      )}
    </>
  );
}
