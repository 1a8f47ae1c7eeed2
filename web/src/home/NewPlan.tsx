import { useQuery } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { Link, useNavigate } from "react-router";
import { Away, api, Refused } from "../api/client";
import type { FirstAnswers } from "../api/types";
import { Choice } from "../fields/Choice";

const KEY = "yardcask.first-answers";
const BEGINNING = {
  name: "",
  crew: "2",
  stay: "mixed",
  habit: "ordinary",
  days: "3",
  rig: "van",
  volume: "L",
  length: "mm",
  mass: "kg",
};
type Draft = typeof BEGINNING;

function draftKept(): Draft {
  try {
    return { ...BEGINNING, ...JSON.parse(sessionStorage.getItem(KEY) ?? "{}") };
  } catch {
    return BEGINNING;
  }
}

/** Four questions, after which there is a plan that works. */
export function NewPlan() {
  const navigate = useNavigate();
  const catalogue = useQuery({
    queryKey: ["catalogue"],
    queryFn: api.catalogue,
    staleTime: Number.POSITIVE_INFINITY,
    retry: (_, error) => error instanceof Away,
    retryDelay: 1500,
  });
  const [draft, setDraft] = useState<Draft>(draftKept);
  const [refusals, setRefusals] = useState<Record<string, string>>({});
  const answer = (change: Partial<Draft>) => {
    const next = { ...draft, ...change };
    setDraft(next);
    sessionStorage.setItem(KEY, JSON.stringify(next));
  };
  const begin = async (event: FormEvent) => {
    event.preventDefault();
    const number = (text: string) => (/^\s*\d+([.,]\d+)?\s*$/.test(text) ? Number(text.replace(",", ".")) : Number.NaN);
    const [crew, days] = [number(draft.crew), number(draft.days)];
    const unread = (text: string, example: string) => `“${text}” is not a number. Type for example ${example}.`;
    const local = {
      ...(Number.isNaN(crew) && { "/crew": unread(draft.crew, "2") }),
      ...(Number.isNaN(days) && { "/days": unread(draft.days, "3") }),
    };
    if (Object.keys(local).length > 0) {
      setRefusals(local);
      return;
    }
    try {
      const { name, ...rest } = draft;
      const saved = await api.start({ ...rest, ...(name.trim() && { name: name.trim() }), crew, days } as FirstAnswers);
      sessionStorage.removeItem(KEY);
      navigate(`/plans/${saved.id}/use`);
    } catch (error) {
      const violations = error instanceof Refused ? (error.problem.violations ?? []) : [];
      setRefusals(
        violations.length > 0
          ? Object.fromEntries(violations.map((one) => [one.pointer, one.message]))
          : { "": (error as Error).message },
      );
    }
  };
  return (
    <main className="mx-auto max-w-2xl p-6">
      <Link to="/" className="quiet">
        Plans
      </Link>
      <h1 className="mt-2 mb-4">Four questions, then there is a plan.</h1>
      <form onSubmit={begin} className="flex flex-col gap-5">
        <fieldset className="card card-on flex flex-wrap gap-x-6 gap-y-3 p-4">
          <legend className="sr-only">Who travels</legend>
          <Answer
            label="1  How many people?"
            value={draft.crew}
            onChange={(crew) => answer({ crew })}
            refusal={refusals["/crew"]}
          />
          <Choice
            label="and how freely do they use water?"
            value={draft.habit}
            options={[
              ["frugal", "frugal"],
              ["ordinary", "ordinary"],
              ["generous", "generous"],
            ]}
            onChange={(habit) => answer({ habit })}
          />
        </fieldset>
        <fieldset className="card card-on p-4">
          <Choice
            label="2  How do they stay?"
            value={draft.stay}
            options={[
              ["sites", "serviced sites"],
              ["mixed", "mixed"],
              ["wild", "wild nights"],
            ]}
            onChange={(stay) => answer({ stay })}
          />
        </fieldset>
        <fieldset className="card card-on p-4">
          <Answer
            label="3  How many days between two fills?"
            value={draft.days}
            onChange={(days) => answer({ days })}
            refusal={refusals["/days"]}
          />
        </fieldset>
        <fieldset className="card card-on flex flex-col gap-3 p-4">
          {catalogue.data && (
            <Choice
              label="4  Which rig?"
              value={draft.rig}
              options={catalogue.data.rigs.map((rig) => [rig.id, rig.label] as const)}
              onChange={(rig) => answer({ rig })}
            />
          )}
          <p className="text-[13px] text-ink-2">
            {catalogue.data?.rigs.find((rig) => rig.id === draft.rig)?.about} Its figures are typical ones, made up;
            replace them by your plate, ticket and tape.
          </p>
          {refusals["/rig"] && <p className="refusal">{refusals["/rig"]}</p>}
        </fieldset>
        <fieldset className="flex flex-wrap gap-x-6 gap-y-3">
          <Answer
            label="Name, if you like"
            value={draft.name}
            onChange={(name) => answer({ name })}
            refusal={refusals["/name"]}
            wide
          />
          <Choice
            label="Volume"
            value={draft.volume}
            options={[
              ["L", "litres"],
              ["US gal", "US gal"],
              ["imp gal", "imp gal"],
            ]}
            onChange={(volume) => answer({ volume })}
          />
          <Choice
            label="Length"
            value={draft.length}
            options={[
              ["mm", "mm"],
              ["in", "inches"],
            ]}
            onChange={(length) => answer({ length })}
          />
          <Choice
            label="Weight"
            value={draft.mass}
            options={[
              ["kg", "kg"],
              ["lb", "lb"],
            ]}
            onChange={(mass) => answer({ mass })}
          />
        </fieldset>
        {refusals[""] && (
          <p role="alert" className="text-rust">
            {refusals[""]} Your answers are kept; try again.
          </p>
        )}
        <button type="submit" className="go self-start px-6 text-[16px]">
          Begin
        </button>
      </form>
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
