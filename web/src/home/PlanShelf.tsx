import { Disclosure, DisclosureButton, DisclosurePanel } from "@headlessui/react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { Link, useNavigate } from "react-router";
import { DevicesDialog } from "../access/DevicesDialog";
import { api } from "../api/client";
import { Away, Refused } from "../api/errors";
import type { Plan, PlanSummary } from "../api/types";
import { Choice } from "../fields/Choice";
import { useKept } from "../offline/kept";
import { RigSmall } from "./RigSmall";

/** All plans: open one, begin one, take one in from a file, or put one away. */
export function PlanShelf() {
  const kept = useKept();
  const plans = useQuery({
    queryKey: ["plans"],
    refetchInterval: kept ? 5000 : false,
    queryFn: api.plans,
    retry: (_, error) => error instanceof Away,
    retryDelay: 1500,
    refetchOnMount: "always",
  });
  const client = useQueryClient();
  const [putAway, setPutAway] = useState<PlanSummary | null>(null);
  const refresh = () => client.invalidateQueries({ queryKey: ["plans"] });
  const remove = async (plan: PlanSummary) => {
    await api.remove(plan.id);
    setPutAway(plan);
    await refresh();
  };
  const copy = async (plan: PlanSummary) => {
    await api.copy(plan.id);
    await refresh();
  };
  const [devices, setDevices] = useState(false);
  const [sought, setSought] = useState("");
  const [order, setOrder] = useState("latest");
  const all = plans.data?.plans ?? [];
  const shown = all.filter((plan) => isFound(plan, sought)).sort(ORDERS[order]?.by);
  const bringBack = async (plan: PlanSummary) => {
    await api.undelete(plan.id);
    setPutAway(null);
    await refresh();
  };
  return (
    <main className="mx-auto flex max-w-3xl flex-col gap-5 p-6">
      <header>
        <p className="label">Yard Cask</p>
        <h1 tabIndex={-1}>Which rig are you working on?</h1>
        <p className="mt-1 text-[15px] text-ink-2">How much water, what it weighs, and whether the rig can carry it.</p>
      </header>
      <div className="flex flex-wrap gap-2">
        <Link to="/new" className="go">
          Begin a plan
        </Link>
        <ImportButton />
        <Link to="/joints" className="quiet self-center">
          What joins this to that?
        </Link>
        <button type="button" className="quiet self-center" onClick={() => setDevices(true)}>
          Devices
        </button>
        <DevicesDialog open={devices} onClose={() => setDevices(false)} />
      </div>
      {putAway && (
        <p role="status" className="card flex items-center justify-between gap-3 p-3">
          “{putAway.name}” is put away.
          <button type="button" className="plain" onClick={() => bringBack(putAway)}>
            Restore it
          </button>
        </p>
      )}
      {kept && (
        <p role="status" className="text-brass">
          The server is away. These are the plans as last seen here. Those that you have opened on this device can be
          looked at, and take notes.
        </p>
      )}
      {plans.failureCount > 0 && !plans.data && (
        <p role="status" className="text-brass">
          The server is away. Trying again …
        </p>
      )}
      {plans.data?.plans.length === 0 && (
        <p className="text-ink-2">No plans yet. Four questions make a plan that works.</p>
      )}
      {all.length > 1 && (
        <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
          <label className="field">
            <span className="label">Find</span>
            <input
              type="text"
              className="w-56"
              value={sought}
              placeholder="a name, an answer, a snag"
              onChange={(event) => setSought(event.target.value)}
            />
          </label>
          <Choice
            label="Order"
            value={order}
            options={Object.entries(ORDERS).map(([value, { text }]) => ({ value, text }))}
            onChange={setOrder}
          />
        </div>
      )}
      {all.length > 0 && shown.length === 0 && <p role="status">No plan mentions “{sought}”.</p>}
      <ul className="flex flex-col gap-2.5">
        {shown.map((plan) => (
          <PlanCard key={plan.id} plan={plan} onCopy={() => copy(plan)} onRemove={() => remove(plan)} />
        ))}
      </ul>
      <PutAway plans={plans.data?.deleted.filter((plan) => plan.id !== putAway?.id) ?? []} onBringBack={bringBack} />
    </main>
  );
}

const RANK = { stop: 0, fix: 1, watch: 2 };

/** The ways in which the shelf can be sorted. */
const ORDERS: Record<string, { text: string; by: (a: PlanSummary, b: PlanSummary) => number }> = {
  latest: { text: "latest first", by: (a, b) => b.updated_at.localeCompare(a.updated_at) },
  name: { text: "by name", by: (a, b) => a.name.localeCompare(b.name) },
  trouble: {
    text: "trouble first",
    by: (a, b) => (a.note.severity ? RANK[a.note.severity] : 3) - (b.note.severity ? RANK[b.note.severity] : 3),
  },
};

function isFound({ name, note }: PlanSummary, sought: string): boolean {
  const text = `${name} ${note.answer} ${note.snag ?? ""} ${note.rig.body}`.toLowerCase();
  return sought
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word));
}

/** One plan on the shelf: its rig drawn small, its answer, and its worst snag. */
function PlanCard({ plan, onCopy, onRemove }: { plan: PlanSummary; onCopy: () => void; onRemove: () => void }) {
  const { answer, snag, severity, severity_word, rig } = plan.note;
  const ink = severity === "stop" ? "text-rust" : severity === "fix" ? "text-brass" : "text-ink-2";
  return (
    <li className="card card-on flex flex-wrap items-center gap-x-4 gap-y-2 px-4 py-2.5">
      <Link to={`/plans/${plan.id}/use`} className="flex min-w-0 flex-1 basis-72 items-center gap-4 py-1">
        <RigSmall rig={rig} />
        <span className="min-w-0">
          <b className="block text-[19px] font-[620]">{plan.name}</b>
          <span className="sentence block text-[15.5px]">{answer}</span>
          {snag && (
            <span className={`block text-[13.5px] ${ink}`}>
              {severity_word}: {snag}.
            </span>
          )}
          <span className="block text-[12.5px] text-ink-2">
            saved{" "}
            <time dateTime={plan.updated_at}>
              {new Date(plan.updated_at).toLocaleString("en-GB", { dateStyle: "medium", timeStyle: "short" })}
            </time>
            , revision {plan.revision}
          </span>
        </span>
      </Link>
      <span className="flex gap-2">
        <button type="button" className="plain" onClick={onCopy} aria-label={`Duplicate ${plan.name}`}>
          Duplicate
        </button>
        <button type="button" className="plain" onClick={onRemove} aria-label={`Archive ${plan.name}`}>
          Archive
        </button>
      </span>
    </li>
  );
}

function PutAway({ plans, onBringBack }: { plans: readonly PlanSummary[]; onBringBack: (plan: PlanSummary) => void }) {
  if (plans.length === 0) return null;
  return (
    <Disclosure as="section" className="card">
      <DisclosureButton className="flex min-h-11 w-full items-center justify-between px-4">
        <h2>Archive, {plans.length}</h2>
        <span className="ui-open-mark" aria-hidden />
      </DisclosureButton>
      <DisclosurePanel as="ul" className="px-4 pb-2">
        {plans.map((plan) => (
          <li
            key={plan.id}
            className="flex items-center justify-between gap-3 border-t border-dotted border-rule py-1.5"
          >
            {plan.name}
            <button
              type="button"
              className="plain"
              onClick={() => onBringBack(plan)}
              aria-label={`Restore ${plan.name}`}
            >
              Restore it
            </button>
          </li>
        ))}
      </DisclosurePanel>
    </Disclosure>
  );
}

const MOST_REFUSALS = 8;

function ImportButton() {
  const input = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();
  const [refusals, setRefusals] = useState<string[]>([]);
  const take = async (file: File) => {
    try {
      const isArchive = file.name.toLowerCase().endsWith(".zip");
      const saved = await (isArchive ? api.importArchive(file) : api.import(JSON.parse(await file.text()) as Plan));
      navigate(`/plans/${saved.id}/use`);
    } catch (error) {
      const violations = error instanceof Refused ? error.problem.violations : undefined;
      if (error instanceof SyntaxError) setRefusals([`“${file.name}” is not JSON: ${error.message}`]);
      else setRefusals(violations?.map((one) => `${one.pointer} ${one.message}`.trim()) ?? [(error as Error).message]);
    }
  };
  return (
    <>
      <button type="button" className="plain" onClick={() => input.current?.click()}>
        Import a plan file
      </button>
      <input
        ref={input}
        type="file"
        accept=".json,application/json,.zip,application/zip"
        className="sr-only"
        aria-label="Plan file"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file) void take(file);
        }}
      />
      {refusals.length > 0 && (
        <div role="alert" className="w-full text-rust">
          <p className="font-[560]">This file was not imported:</p>
          <ul className="list-disc pl-5 text-[13.5px]">
            {refusals.slice(0, MOST_REFUSALS).map((refusal) => (
              <li key={refusal}>{refusal}</li>
            ))}
            {refusals.length > MOST_REFUSALS && <li>and more like these</li>}
          </ul>
        </div>
      )}
    </>
  );
}
