import type { NewRecord } from "../api/types";
import type { Place } from "./placedNotes";

export type About = { part: string | null; partName: string; revision: number; place?: Place | undefined };

/** A note as it is recorded: under a UUID of its own, with the time of this device. */
export function newNote(about: About, text: string, photo: string | null, replaces: string | null): NewRecord {
  return {
    ...head(about, replaces),
    retracts: false,
    note: { text, ...(photo && { photo }), ...(about.place && { place: about.place }) },
  };
}

/** Takes a note back: it is no longer listed, and stays in the table of all that was recorded. */
export const retraction = (about: About, replaces: string): NewRecord => ({ ...head(about, replaces), retracts: true });

/** By the clock of this device, as records have it. */
export const now = () => `${new Date().toISOString().slice(0, 19)}Z`;

const head = ({ part, partName, revision }: About, replaces: string | null) => ({
  uuid: crypto.randomUUID(),
  kind: "note" as const,
  ...(part && { part, part_name: partName.slice(0, 80) }),
  revision,
  happened_at: now(),
  ...(replaces && { replaces }),
});
