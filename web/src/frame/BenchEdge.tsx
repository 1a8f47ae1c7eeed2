import { Popover, PopoverButton, PopoverPanel } from "@headlessui/react";
import { useState } from "react";
import { Link } from "react-router";
import { api } from "../api/client";
import type { Units } from "../api/types";
import { Choice } from "../fields/Choice";
import { TextField } from "../fields/TextField";
import { usePlan } from "../plan/PlanContext";
import { isUnsaved } from "../plan/planState";
import type { Ground } from "./ground";
import { RevisionsDialog } from "./RevisionsDialog";

const UNITS: { kind: keyof Units; label: string; options: readonly (readonly [string, string])[] }[] = [
  {
    kind: "volume",
    label: "Volume",
    options: [
      ["L", "litres"],
      ["US gal", "US gal"],
      ["imp gal", "imp gal"],
    ],
  },
  {
    kind: "length",
    label: "Length",
    options: [
      ["mm", "mm"],
      ["in", "inches"],
    ],
  },
  {
    kind: "mass",
    label: "Weight",
    options: [
      ["kg", "kg"],
      ["lb", "lb"],
    ],
  },
  {
    kind: "pressure",
    label: "Pressure",
    options: [
      ["kPa", "kPa"],
      ["bar", "bar"],
      ["psi", "psi"],
    ],
  },
  {
    kind: "temperature",
    label: "Temperature",
    options: [
      ["°C", "°C"],
      ["°F", "°F"],
    ],
  },
];

/** The edge of the bench: which plan this is, whether it is saved, back and forth, units, and the plan's file. */
export function BenchEdge({ ground, onTurnGround }: { ground: Ground; onTurnGround: () => void }) {
  const { state, plan, undo, redo, setUnits } = usePlan();
  const [revisions, setRevisions] = useState(false);
  return (
    <footer className="edge">
      <div className="edge-plan">
        <Link to="/" className="quiet">
          Plans
        </Link>
        <TextField pointer="/name" label="Name of the plan" className="edge-name" />
        <SaveState />
      </div>
      <button
        type="button"
        className="plain"
        onClick={undo}
        disabled={state.past.length === 0}
        title={state.past.at(-1)?.what}
      >
        Undo
      </button>
      <button
        type="button"
        className="plain"
        onClick={redo}
        disabled={state.future.length === 0}
        title={state.future[0]?.what}
      >
        Redo
      </button>
      <Popover>
        <PopoverButton className="plain">Units</PopoverButton>
        <PopoverPanel anchor="top end" className="card card-on z-10 mb-2 flex flex-col gap-3 p-4">
          {UNITS.map(({ kind, label, options }) => (
            <Choice
              key={kind}
              label={label}
              value={plan.units[kind]}
              options={options as never}
              onChange={(unit) => setUnits({ [kind]: unit })}
            />
          ))}
        </PopoverPanel>
      </Popover>
      <Popover>
        <PopoverButton className="plain">File</PopoverButton>
        <PopoverPanel anchor="top end" className="card card-on z-10 mb-2 flex flex-col items-start gap-1 p-4">
          <a className="quiet" href={api.exportUrl(state.id)} download>
            Export the plan file
          </a>
          <button type="button" className="quiet" onClick={() => setRevisions(true)}>
            Earlier revisions
          </button>
        </PopoverPanel>
      </Popover>
      <button type="button" className="plain" onClick={onTurnGround}>
        {ground === "light" ? "Dark" : "Light"}
      </button>
      <RevisionsDialog open={revisions} onClose={() => setRevisions(false)} />
    </footer>
  );
}

function SaveState() {
  const { state } = usePlan();
  const [text, ink] =
    state.saving === "away"
      ? ["Server away. Kept here, sent on its return.", "text-brass"]
      : state.saving === "refused"
        ? [`Not saved: ${state.refusal}`, "text-rust"]
        : isUnsaved(state)
          ? ["Saving …", "text-ink-2"]
          : [`Saved, revision ${state.saved.revision}`, "text-ink-2"];
  return (
    <p role="status" className={`edge-save ${ink}`}>
      {text}
    </p>
  );
}
