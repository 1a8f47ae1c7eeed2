import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link } from "react-router";
import { api } from "../api/client";
import { Away, Refused } from "../api/errors";
import type { Joint } from "../api/types";
import { Choice } from "../fields/Choice";
import { EndFields, type Said } from "./EndFields";
import { MeasuredEnd } from "./MeasuredEnd";

const BARB: Said = { system: "barb", outer_mm: "" };
const HOSE: Said = { system: "hose", inner_mm: "", wall: "braided" };
const UNDER = [
  { value: "yes", text: "under pressure" },
  { value: "no", text: "a fill, a vent or waste" },
];

/** Whether two ends go together, and what an end is that somebody holds in the hand: apart from any plan. */
export default function JointsPage() {
  const [a, setA] = useState<Said>(BARB);
  const [b, setB] = useState<Said>(HOSE);
  const [pressure, setPressure] = useState("yes");
  const forms = useQuery({
    queryKey: ["end-forms"],
    queryFn: api.endForms,
    staleTime: Number.POSITIVE_INFINITY,
    retry: (_, error) => error instanceof Away,
    retryDelay: 1500,
  });
  const complete = [a, b].every((end) => Object.values(end).every((value) => value.trim() !== ""));
  const judged = useQuery({
    queryKey: ["joint", a, b, pressure],
    queryFn: () => api.joint(a, b, pressure === "yes"),
    enabled: complete,
    retry: (_, error) => error instanceof Away,
    retryDelay: 1500,
  });
  useEffect(() => {
    document.title = "What joins this to that? · Yard Cask";
  }, []);
  const violations = judged.error instanceof Refused ? (judged.error.problem.violations ?? []) : [];
  return (
    <main className="mx-auto flex max-w-3xl flex-col gap-5 p-6">
      <header>
        <Link to="/" className="quiet">
          Plans
        </Link>
        <h1 tabIndex={-1} className="mt-2">
          What joins this to that?
        </h1>
        <p className="mt-1 text-[15px] text-ink-2">
          Dimensions decide, not names: take a caliper. Lengths are in millimetres unless you type another unit.
        </p>
      </header>
      {!forms.data && (
        <p role="status">{forms.failureCount > 0 ? "The server is away. Trying again …" : "Opening …"}</p>
      )}
      {forms.data && (
        <>
          <div className="grid gap-4 sm:grid-cols-2">
            <EndFields
              label="This"
              forms={forms.data}
              said={a}
              onSay={setA}
              wrong={violations.filter((one) => one.pointer.startsWith("/a"))}
            />
            <EndFields
              label="That"
              forms={forms.data}
              said={b}
              onSay={setB}
              wrong={violations.filter((one) => one.pointer.startsWith("/b"))}
            />
          </div>
          <Choice label="Where" value={pressure} options={UNDER} onChange={setPressure} />
          <section aria-label="What comes of it" aria-live="polite" className="card card-on p-4">
            {complete && judged.data ? (
              <Verdict joint={judged.data} />
            ) : (
              <p className="text-ink-2">Say what both ends are.</p>
            )}
          </section>
          <MeasuredEnd />
        </>
      )}
      <p className="caution">
        Pressure-test every joint before it is closed in. Drinking water takes only materials made for it, and local
        rules may ask for a licensed fitter.
      </p>
    </main>
  );
}

const INK = { fits: "text-leaf", sealed: "text-leaf", leaks: "text-brass", no: "text-rust" };

function Verdict({ joint }: { joint: Joint }) {
  const said = {
    fits: "Tight as it is.",
    sealed: `Tight with ${joint.with ?? ""}.`,
    leaks: "Goes together, and leaks.",
    no: "Does not go together.",
  }[joint.fit];
  return (
    <>
      <p className={`text-[24px] font-[660] ${INK[joint.fit]}`}>{said}</p>
      <p className="mt-1">{joint.why}</p>
      <p className="mt-1 text-[13px] text-ink-2">Source: {joint.source}</p>
    </>
  );
}
