import { useState } from "react";
import { useWho } from "../access/WhoContext";
import { moment } from "../frame/moment";
import { usePlan } from "../plan/state/PlanContext";
import type { Counted } from "./counting";
import { NoteForm } from "./NoteForm";
import { NotePhoto } from "./NotePhoto";
import { retraction } from "./newNote";
import { useRecords } from "./RecordsContext";

/** A note: what it says, when, and whether it is only on this device; to be changed or taken back. */
export function NoteRow({ counted, named = false }: { counted: Counted; named?: boolean }) {
  const { state } = usePlan();
  const { add } = useRecords();
  const [doing, setDoing] = useState<"change" | "take back" | null>(null);
  const { record, device, photo, unsent, refused } = counted;
  const who = useWho();
  // Whoever came by a link changes only what he has written himself.
  const mayChange = who.may !== "read" && (who.plan === null || unsent || device === who.device);
  const about = {
    part: record.part ?? null,
    partName: record.part_name ?? "",
    revision: state.saved.revision,
    place: record.note?.place,
  };
  const takeBack = () => add({ plan: state.id, planName: state.plan.name, record: retraction(about, record.uuid) });
  const shown = photo ?? record.note?.photo;
  if (doing === "change")
    return (
      <li>
        <NoteForm about={about} label="Change the note" before={counted} onDone={() => setDoing(null)} />
      </li>
    );
  return (
    <li className="border-b border-dotted border-rule py-2">
      {named && (
        <b className="block font-[620]">
          {record.part_name ?? (record.note?.place ? "A place in the rig" : "The whole plan")}
        </b>
      )}
      {record.note?.text && <p className="whitespace-pre-line break-words">{record.note.text}</p>}
      {shown && <NotePhoto of={shown} />}
      <p className="text-[13px] text-ink-2">
        <time dateTime={record.happened_at}>{moment(record.happened_at)}</time>, at revision {record.revision}
        {device && `, ${device}`}
        {unsent && <span className="text-brass">{refused ? `. Not taken: ${refused}` : ", only on this device"}</span>}
      </p>
      {doing === "take back" ? (
        <div role="group" aria-label="Take it back?" className="mt-1 flex flex-wrap gap-2">
          <button type="button" className="plain small" onClick={() => void takeBack()}>
            Take it back
          </button>
          <button type="button" className="plain small" onClick={() => setDoing(null)}>
            Keep it
          </button>
        </div>
      ) : (
        mayChange && (
          <div className="not-printed mt-1 flex flex-wrap gap-2">
            <button type="button" className="plain small" onClick={() => setDoing("change")}>
              Change
            </button>
            <button type="button" className="plain small" onClick={() => setDoing("take back")}>
              Take back
            </button>
          </div>
        )
      )}
    </li>
  );
}
