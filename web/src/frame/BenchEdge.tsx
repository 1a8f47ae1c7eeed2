import { Popover, PopoverButton, PopoverPanel } from "@headlessui/react";
import { useState } from "react";
import { Link } from "react-router";
import { ShareDialog } from "../access/ShareDialog";
import type { StageName, Units } from "../api/types";
import { Choice } from "../fields/Choice";
import { TextField } from "../fields/TextField";
import { useKept } from "../offline/kept";
import { useChoices } from "../plan/server/useCatalogue";
import { usePlan } from "../plan/state/PlanContext";
import { isReading, isUnsaved } from "../plan/state/planState";
import { NotesDialog } from "../records/NotesDialog";
import { UnsentNotice } from "../records/UnsentNotice";
import { givePlanFile } from "./giveFile";
import type { Ground } from "./lightOrDark";
import { RevisionsDialog } from "./RevisionsDialog";

type Props = { stage: StageName; ground: Ground; onTurnGround: () => void; onKeys: () => void };

/** The edge of the bench: which plan this is, whether it is saved, back and forth, units, and the plan's file. */
export function BenchEdge({ stage, ground, onTurnGround, onKeys }: Props) {
  const { state, plan, assessment, undo, redo } = usePlan();
  const [revisions, setRevisions] = useState(false);
  const [notes, setNotes] = useState(false);
  const [sharing, setSharing] = useState(false);
  return (
    <footer className="edge">
      <div className="edge-plan">
        <Link to="/" className="quiet">
          Plans
        </Link>
        <TextField pointer="/name" label="Name of the plan" className="edge-name" />
        <SaveState />
        <UnsentNotice />
      </div>
      <Step label="Undo" what={state.past.at(-1)?.what} onStep={undo} />
      <Step label="Redo" what={state.future[0]?.what} onStep={redo} />
      <Popover>
        <PopoverButton className="plain">Units</PopoverButton>
        <PopoverPanel anchor="top end" className="card card-on z-10 mb-2 flex flex-col gap-3 p-4">
          <UnitChoices />
        </PopoverPanel>
      </Popover>
      <Popover>
        <PopoverButton className="plain">File</PopoverButton>
        <PopoverPanel anchor="top end" className="card card-on z-10 mb-2 flex flex-col items-start gap-1 p-4">
          <button type="button" className="quiet" onClick={() => givePlanFile(plan, assessment.file_name)}>
            Export the plan file
          </button>
          <a className="quiet" href={`/api/plans/${state.id}/archive.zip`} download>
            Export it with notes and photographs
          </a>
          <Link className="quiet" to={`/plans/${state.id}/print?stage=${stage}`}>
            Print this stage
          </Link>
          <Link className="quiet" to={`/plans/${state.id}/print`}>
            Print the whole plan
          </Link>
          <button type="button" className="quiet" onClick={() => setSharing(true)}>
            Share
          </button>
          <button type="button" className="quiet" onClick={() => setNotes(true)}>
            Notes
          </button>
          <button type="button" className="quiet" onClick={() => setRevisions(true)}>
            Earlier revisions
          </button>
          <button type="button" className="quiet" onClick={onKeys}>
            Keys
          </button>
          <button type="button" className="quiet" onClick={onTurnGround}>
            {ground === "light" ? "Switch to dark" : "Switch to light"}
          </button>
        </PopoverPanel>
      </Popover>
      <ShareDialog open={sharing} onClose={() => setSharing(false)} />
      <NotesDialog open={notes} onClose={() => setNotes(false)} />
      <RevisionsDialog open={revisions} onClose={() => setRevisions(false)} />
    </footer>
  );
}

/** Stays where the keyboard is when there is nothing more to undo. */
function Step({ label, what, onStep }: { label: string; what: string | undefined; onStep: () => void }) {
  const idle = what === undefined;
  return (
    <button type="button" className="plain" aria-disabled={idle} title={what} onClick={() => !idle && onStep()}>
      {label}
    </button>
  );
}

function UnitChoices() {
  const { plan, setUnits } = usePlan();
  const choices = useChoices();
  return (Object.keys(plan.units) as (keyof Units)[]).map((kind) => {
    const choice = choices[`/units/${kind}`];
    return (
      choice && (
        <Choice
          key={kind}
          label={choice.label}
          value={plan.units[kind]}
          options={choice.options}
          onChange={(unit) => setUnits({ [kind]: unit })}
        />
      )
    );
  });
}

function SaveState() {
  const { state, uncounted } = usePlan();
  const kept = useKept();
  const [text, ink] =
    state.saving === "away"
      ? [state.refusal, "text-brass"]
      : state.saving === "refused"
        ? [`Not saved: ${state.refusal}`, "text-rust"]
        : state.conflict
          ? ["Not saved yet: the plan was changed elsewhere too.", "text-brass"]
          : isUnsaved(state) || isReading(state)
            ? ["Saving …", "text-ink-2"]
            : uncounted > 0
              ? ["A field is not in the plan yet.", "text-brass"]
              : kept
                ? [`Revision ${state.saved.revision}, as last opened here: the server is away.`, "text-brass"]
                : [`Saved, revision ${state.saved.revision}`, "text-ink-2"];
  return (
    <p role="status" className={`edge-save ${ink}`} title={text ?? ""}>
      {text}
    </p>
  );
}
