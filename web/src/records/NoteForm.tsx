import { useEffect, useId, useRef, useState } from "react";
import { usePlan } from "../plan/state/PlanContext";
import type { Counted } from "./counting";
import { NotePhoto } from "./NotePhoto";
import { type About, newNote } from "./newNote";
import { useRecords } from "./RecordsContext";
import { scaledPhoto } from "./scaledPhoto";

const LONGEST = 2000;

type Props = {
  about: About;
  label: string;
  /** The note in whose place this one is to stand. */
  before?: Counted;
  /** Instead of recording it anew: of one that the server has refused. */
  onSave?: (text: string) => Promise<void>;
  onDone: () => void;
};

/** Writing a note. What is typed stays in this window until it is saved or cancelled, also when the panel closes. */
export function NoteForm({ about, label, before, onSave, onDone }: Props) {
  const { state } = usePlan();
  const { add } = useRecords();
  const kept = `yardcask.note.${state.id}.${before?.record.uuid ?? about.part ?? (about.place ? "place" : "")}`;
  const [text, setText] = useState(() => sessionStorage.getItem(kept) ?? before?.record.note?.text ?? "");
  const [photo, setPhoto] = useState<Blob | null>(null);
  const [problem, setProblem] = useState("");
  const field = useRef<HTMLTextAreaElement>(null);
  const id = useId();
  const had = before?.record.note?.photo ?? null;

  useEffect(() => field.current?.focus(), []);
  const change = (typed: string) => {
    setText(typed);
    setProblem("");
    sessionStorage.setItem(kept, typed);
  };
  const leave = () => {
    sessionStorage.removeItem(kept);
    onDone();
  };
  const take = async (file: File | undefined) => {
    if (!file) return;
    const scaled = await scaledPhoto(file);
    setPhoto(scaled);
    setProblem(scaled ? "" : `“${file.name}” is not a picture that can be read. A photograph from the camera can.`);
  };
  const save = async () => {
    const words = text.trim();
    if (words === "" && !photo && !had) {
      setProblem("Write what you saw, or add a photograph.");
      field.current?.focus();
      return;
    }
    try {
      if (onSave) await onSave(words);
      else {
        const record = newNote(about, words, photo ? crypto.randomUUID() : had, before?.record.uuid ?? null);
        await add({ plan: state.id, planName: state.plan.name, record, ...(photo && { photo }) });
      }
      leave();
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  return (
    <div className="mt-2 flex flex-col gap-2">
      <label htmlFor={id} className="label">
        {label}
      </label>
      <textarea
        ref={field}
        id={id}
        className="note-text"
        rows={3}
        maxLength={LONGEST}
        value={text}
        aria-invalid={problem !== ""}
        aria-describedby={problem === "" ? undefined : `${id}-problem`}
        onChange={(event) => change(event.target.value)}
      />
      {photo && <NotePhoto of={photo} />}
      {problem && (
        <p id={`${id}-problem`} role="alert" className="refusal">
          {problem}
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <button type="button" className="go" onClick={() => void save()}>
          Save the note
        </button>
        {!onSave && (
          <label className="plain note-photo-button">
            {photo || had ? "Another photograph" : "Add a photograph"}
            <input
              type="file"
              accept="image/*"
              className="sr-only"
              onChange={(event) => void take(event.target.files?.[0])}
            />
          </label>
        )}
        <button type="button" className="plain" onClick={leave}>
          Cancel
        </button>
      </div>
    </div>
  );
}
