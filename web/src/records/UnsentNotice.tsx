import { DialogTitle } from "@headlessui/react";
import { useState } from "react";
import { moment } from "../frame/moment";
import { usePlan } from "../plan/state/PlanContext";
import { OverPage } from "../plan/widgets/OverPage";
import { NoteForm } from "./NoteForm";
import type { Unsent } from "./outbox";
import { useRecords } from "./RecordsContext";

/** “2 notes”, “1 purchase”; where both are among them, “3 records”. */
function counted(unsent: readonly Unsent[]): string {
  const kinds = new Set(unsent.map(({ record }) => (record.kind === "offcuts" ? "record" : record.kind)));
  const kind = kinds.size === 1 ? [...kinds][0] : "record";
  return unsent.length === 1 ? `1 ${kind}` : `${unsent.length} ${kind}s`;
}

/** What is only on this device, and what has become of it. */
export function UnsentNotice() {
  const { unsent } = useRecords();
  const [open, setOpen] = useState(false);
  if (unsent.length === 0 && !open) return null;
  const refused = unsent.filter((one) => one.refused !== undefined);
  return (
    <>
      <button type="button" className="edge-unsent quiet text-brass" onClick={() => setOpen(true)}>
        {refused.length > 0 ? `${counted(refused)} not taken` : `${counted(unsent)} not sent yet`}
      </button>
      <OverPage open={open} onClose={() => setOpen(false)} className="max-h-[86vh] max-w-xl">
        <DialogTitle as="h2">Only on this device</DialogTitle>
        <p className="my-2 text-ink-2">
          {unsent.length === 0
            ? "Nothing: the server has everything."
            : "They are sent while this page is open and the server can be reached."}
        </p>
        <ul className="min-h-0 overflow-y-auto px-1">
          {unsent.map((one) => (
            <UnsentRow key={one.order} unsent={one} />
          ))}
        </ul>
        <button type="button" className="plain mt-3 self-end" onClick={() => setOpen(false)}>
          Close
        </button>
      </OverPage>
    </>
  );
}

function inWords({ retracts, purchase, cut, offcuts, note }: Unsent["record"]): string {
  if (retracts) return "Takes a note back";
  if (offcuts) return `In the workshop: ${offcuts.lengths_m.join(", ") || 0} m`;
  if (cut) return `Cut: ${cut.length_m} m`;
  return purchase ? `Bought: ${purchase.amount}` : note?.text || "A photograph";
}

function UnsentRow({ unsent }: { unsent: Unsent }) {
  const { state } = usePlan();
  const { retry, discard } = useRecords();
  const [correcting, setCorrecting] = useState(false);
  const { record, planName, refused } = unsent;
  const about = { part: record.part ?? null, partName: record.part_name ?? "", revision: state.saved.revision };
  // The server has nothing of it: corrected it is another record.
  const correct = (text: string) =>
    retry({ ...unsent, record: { ...record, uuid: crypto.randomUUID(), note: { ...record.note, text } } });
  return (
    <li className="border-b border-dotted border-rule py-2">
      <p className="text-[13px] text-ink-2">
        {planName}
        {record.part_name && `, ${record.part_name}`}, {moment(record.happened_at)}
      </p>
      <p className="whitespace-pre-line break-words">{inWords(record)}</p>
      {refused === undefined ? (
        <p className="text-[13px] text-brass">Waits for a connection.</p>
      ) : (
        <>
          <p className="text-[13px] text-rust">Not taken: {refused}</p>
          {correcting ? (
            <NoteForm
              about={about}
              label="Correct the note"
              before={{ record, device: null, unsent: true }}
              onSave={correct}
              onDone={() => setCorrecting(false)}
            />
          ) : (
            <div className="mt-1 flex flex-wrap gap-2">
              {record.note && (
                <button type="button" className="plain small" onClick={() => setCorrecting(true)}>
                  Correct
                </button>
              )}
              <button type="button" className="plain small" onClick={() => void retry(unsent)}>
                Try again
              </button>
              <button type="button" className="plain small" onClick={() => void discard(unsent)}>
                Discard
              </button>
            </div>
          )}
        </>
      )}
    </li>
  );
}
