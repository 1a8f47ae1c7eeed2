import { type FormEvent, useRef, useState } from "react";
import { Link, useNavigate } from "react-router";
import { api } from "../api/client";
import type { FirstAnswers } from "../api/types";
import { Choice } from "../fields/Choice";
import { useCatalogue } from "../plan/server/useCatalogue";
import { Preview, type Refusals, refusalsOf, usePreview } from "./Preview";

const KEY = "yardcask.first-answers";
const BEGINNING = {
  name: "",
  crew: "2",
  stay: "mixed",
  habit: "ordinary",
  days: "3",
  rig: "van",
  system: "",
  volume: "L",
  length: "mm",
  mass: "kg",
};
type Draft = typeof BEGINNING;

/** Those that the first answers are shown in; the others can be chosen later. */
const UNITS = ["volume", "length", "mass"] as const;

function draftKept(): Draft {
  try {
    return { ...BEGINNING, ...JSON.parse(sessionStorage.getItem(KEY) ?? "{}") };
  } catch {
    return BEGINNING;
  }
}

function asAnswers({ name, system, ...rest }: Draft): FirstAnswers {
  return { ...rest, ...(system && { system }), ...(name.trim() && { name: name.trim() }) } as FirstAnswers;
}

/** Four questions, and a fifth that is answered beforehand; after them there is a plan that works. */
export default function NewPlan() {
  const navigate = useNavigate();
  const catalogue = useCatalogue();
  const [draft, setDraft] = useState<Draft>(draftKept);
  const [begun, setBegun] = useState<Refusals | null>(null);
  const beginning = useRef(false);
  const pressedAgain = useRef(false);
  const [isBeginning, setIsBeginning] = useState(false);
  const latest = useRef(draft);
  latest.current = draft;
  const choices = catalogue?.choices ?? {};
  const answer = (change: Partial<Draft>) => {
    const next = { ...draft, ...change };
    setDraft(next);
    setBegun(null);
    sessionStorage.setItem(KEY, JSON.stringify(next));
  };
  const usual = catalogue?.rigs.find((rig) => rig.id === draft.rig)?.system;
  const answers = asAnswers(draft);
  const preview = usePreview(answers);
  const refused = begun ?? preview.refusals;
  const press = (event: FormEvent) => {
    event.preventDefault();
    // However often the button is pressed, one plan is begun.
    if (beginning.current) pressedAgain.current = true;
    else begin();
  };
  const begin = async () => {
    const asked = latest.current;
    beginning.current = true;
    pressedAgain.current = false;
    setIsBeginning(true);
    try {
      const saved = await api.start(asAnswers(asked));
      sessionStorage.removeItem(KEY);
      navigate(`/plans/${saved.id}/use`);
    } catch (error) {
      const isOfThese = latest.current === asked;
      // The answers that were refused may have been changed by now, and the button pressed for the new ones.
      if (!isOfThese && pressedAgain.current) return begin();
      beginning.current = false;
      setIsBeginning(false);
      if (isOfThese) setBegun(refusalsOf(error));
    }
  };
  return (
    <main className="mx-auto max-w-5xl p-6">
      <Link to="/" className="quiet">
        Plans
      </Link>
      <h1 tabIndex={-1} className="mt-2 mb-4">
        Answer four questions and you have a plan that works.
      </h1>
      <div className="grid items-start gap-6 md:grid-cols-[minmax(0,1fr)_340px]">
        <form onSubmit={press} className="flex flex-col gap-4">
          <fieldset className="card card-on flex flex-wrap gap-x-6 gap-y-3 p-4">
            <legend className="sr-only">Who travels</legend>
            <Answer
              label="1  How many people?"
              value={draft.crew}
              onChange={(crew) => answer({ crew })}
              refusal={refused["/crew"]}
            />
            <Choice
              label="and how freely do they use water?"
              value={draft.habit}
              options={catalogue?.levels ?? []}
              onChange={(habit) => answer({ habit })}
            />
          </fieldset>
          <fieldset className="card card-on p-4">
            <Choice
              label="2  How do they stay?"
              value={draft.stay}
              options={choices["/use/stay"]?.options ?? []}
              onChange={(stay) => answer({ stay })}
            />
          </fieldset>
          <fieldset className="card card-on p-4">
            <Answer
              label="3  How many days between two fills?"
              value={draft.days}
              onChange={(days) => answer({ days })}
              refusal={refused["/days"]}
            />
            {draft.stay === "sites" && (
              <p className="mt-1 text-[13px] text-ink-2">
                With a tap every day the plan begins with water for one day and the drive, and showers are the site’s
                unless the rig has its own heater.
              </p>
            )}
          </fieldset>
          <fieldset className="card card-on flex flex-col gap-3 p-4">
            {catalogue && (
              <Choice
                label="4  Which rig?"
                value={draft.rig}
                options={catalogue.rigs.map((rig) => ({ value: rig.id, text: rig.label }))}
                onChange={(rig) => answer({ rig })}
              />
            )}
            <p className="text-[13px] text-ink-2">
              {catalogue?.rigs.find((rig) => rig.id === draft.rig)?.about} Its figures are typical but made up: replace
              them with those from your plate, weigh ticket and tape measure.
            </p>
            {refused["/rig"] && <p className="refusal">{refused["/rig"]}</p>}
          </fieldset>
          <fieldset className="card card-on p-4">
            <label className="field">
              <span className="label block">5 Which type of water system?</span>
              <select
                className="line-select"
                value={draft.system || usual}
                onChange={(event) => answer({ system: event.target.value })}
              >
                {choices["/line/system"]?.options.map((option) => (
                  <option key={option.value} value={option.value}>
                    {option.text}
                    {option.value === usual ? ", usual here" : ""}
                  </option>
                ))}
              </select>
            </label>
            {refused["/system"] && (
              <p role="alert" className="refusal">
                {refused["/system"]}
              </p>
            )}
          </fieldset>
          <Answer
            label="Name (optional)"
            value={draft.name}
            onChange={(name) => answer({ name })}
            refusal={refused["/name"]}
            wide
          />
          <fieldset className="flex flex-wrap gap-x-6 gap-y-3">
            {UNITS.map((kind) => {
              const choice = choices[`/units/${kind}`];
              return (
                choice && (
                  <Choice
                    key={kind}
                    label={choice.label}
                    value={draft[kind]}
                    options={choice.options}
                    onChange={(unit) => answer({ [kind]: unit })}
                  />
                )
              );
            })}
          </fieldset>
          {refused[""] && (
            <p role="alert" className="text-rust">
              {refused[""]} Your answers are kept; try again.
            </p>
          )}
          <button type="submit" aria-busy={isBeginning} className="go self-start px-6 text-[16px]">
            {isBeginning ? "Beginning …" : "Begin"}
          </button>
        </form>
        <Preview assessment={preview.assessment} isOlder={preview.isOlder} />
      </div>
    </main>
  );
}

function Answer({
  label,
  value,
  onChange,
  refusal,
  wide = false,
}: {
  label: string;
  value: string;
  onChange: (text: string) => void;
  refusal: string | undefined;
  wide?: boolean;
}) {
  return (
    <label className="field">
      <span className="label block">{label}</span>
      <input
        type="text"
        className={wide ? "w-56" : "w-20"}
        maxLength={80}
        value={value}
        aria-invalid={refusal !== undefined}
        onChange={(event) => onChange(event.target.value)}
      />
      {refusal && (
        <span role="alert" className="refusal block">
          {refusal}
        </span>
      )}
    </label>
  );
}
