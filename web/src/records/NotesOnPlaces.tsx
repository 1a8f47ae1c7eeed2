import { type ReactNode, useState } from "react";
import { usePlan } from "../plan/state/PlanContext";
import { focusSoon } from "../plan/widgets/focus";
import { NoteForm } from "./NoteForm";
import { NoteRow } from "./NoteRow";
import { PlacePins } from "./PlacePins";
import type { Onto, Place } from "./placedNotes";
import { useNotes } from "./useNotes";

export type View = {
  view: string;
  right: Onto;
  up: Onto;
  box: { left: number; top: number; width: number; height: number };
};

/** Notes on places of the rig’s views: as flags on the drawing, and below it whichever is opened or written. */
export function NotesOnPlaces({ views, drawing }: { views: readonly View[]; drawing: (pins: ReactNode) => ReactNode }) {
  const { state } = usePlan();
  const notes = useNotes(null).notes.filter((one) => one.record.note?.place);
  const [picking, setPicking] = useState(false);
  const [place, setPlace] = useState<Place | null>(null);
  const [opened, setOpened] = useState<string | null>(null);
  const shown = notes.find((one) => one.record.uuid === opened);
  const pick = (picked: Place) => {
    setPicking(false);
    setPlace(picked);
  };
  const leave = () => {
    setPicking(false);
    setPlace(null);
    focusSoon("#note-on-place");
  };
  return (
    <>
      {drawing(
        views.map((one) => (
          <PlacePins
            key={one.view}
            {...one}
            notes={notes}
            picked={place}
            onPick={picking ? pick : null}
            onOpen={(uuid) => setOpened(uuid === opened ? null : uuid)}
          />
        )),
      )}
      <div className="not-printed">
        {place ? (
          <div className="card max-w-xl p-3">
            <NoteForm
              about={{ part: null, partName: "", revision: state.saved.revision, place }}
              label="A note on this place"
              onDone={leave}
            />
          </div>
        ) : picking ? (
          <p role="status" className="flex flex-wrap items-center gap-3">
            Press the place in one of the views.
            <button type="button" className="plain small" onClick={leave}>
              Cancel
            </button>
          </p>
        ) : (
          <button
            id="note-on-place"
            type="button"
            className="quiet"
            onClick={() => {
              setOpened(null);
              setPicking(true);
              focusSoon(".place-wanted");
            }}
          >
            Note on a place
          </button>
        )}
        {shown && (
          <ul className="max-w-xl" aria-label="The note on that place">
            <NoteRow key={shown.record.uuid} counted={shown} />
          </ul>
        )}
      </div>
    </>
  );
}
