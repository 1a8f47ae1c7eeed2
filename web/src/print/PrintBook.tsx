import { useQuery } from "@tanstack/react-query";
import { Suspense, useState } from "react";
import { Link } from "react-router";
import { NoteByLink } from "../access/NoteByLink";
import { useWho } from "../access/WhoContext";
import { api } from "../api/client";
import { Away } from "../api/errors";
import type { Assessment, BookPage, StageName } from "../api/types";
import { PlanContext, type PlanWork, usePlan } from "../plan/state/PlanContext";
import { useStages } from "../plan/state/useStages";
import { PrintedNotes } from "./PrintedNotes";
import { PrintedStage } from "./PrintedStage";
import { Printed } from "./printed";
import { StillToMeasure } from "./StillToMeasure";

/** What can be printed besides the stages. */
const MEASURE = "measure";
const NOTES = "notes";

/** The stages of a plan on paper, those that are wanted as one book, with what is still to be measured; A4 or letter. */
export default function PrintBook({ from }: { from: string | null }) {
  const work = usePlan();
  const { plan, state } = work;
  const who = useWho();
  const stages = useStages();
  const [wanted, setWanted] = useState<ReadonlySet<string>>(
    () => new Set(from === null ? [...stages.map((stage) => stage.name), MEASURE, NOTES] : [from]),
  );
  const book = useQuery({
    queryKey: ["book", plan],
    queryFn: ({ signal }) => api.book(plan, state.id, signal),
    staleTime: Number.POSITIVE_INFINITY,
    enabled: work.settled,
    retry: (_, error) => error instanceof Away,
    retryDelay: 1500,
  });
  const turn = (name: string) =>
    setWanted((before) => new Set(before.has(name) ? [...before].filter((one) => one !== name) : [...before, name]));
  const parts = [
    ...stages.map(({ name, title }) => ({ name: name as string, title })),
    { name: MEASURE, title: "Still to be measured" },
    { name: NOTES, title: "Notes" },
  ];
  return (
    <main className="book">
      <nav className="not-printed mb-4 flex flex-wrap items-center gap-x-5 gap-y-2" aria-label="What is printed">
        {who.plan === null && (
          <Link className="plain" to={`/plans/${state.id}/${from ?? "use"}`}>
            Back to the plan
          </Link>
        )}
        {parts.map(({ name, title }) => (
          <label key={name} className="flex min-h-10 items-center gap-2">
            <input type="checkbox" className="size-5" checked={wanted.has(name)} onChange={() => turn(name)} />
            {title}
          </label>
        ))}
        <button type="button" className="go" disabled={!book.data} onClick={() => window.print()}>
          Print
        </button>
      </nav>
      <header className="mb-3 flex justify-between border-b-2 border-ink pb-1">
        <b className="text-[16px]">{plan.name}</b>
        <span>
          Revision {state.saved.revision}, printed {new Date().toLocaleDateString("en-GB", { dateStyle: "long" })}
        </span>
      </header>
      {who.plan !== null && who.may === "note" && <NoteByLink />}
      {!book.data && (
        <p role="status" className="text-ink-2">
          {book.failureReason instanceof Away || state.saving === "away"
            ? "The server is away. Trying again …"
            : "Drawing every stage whole …"}
        </p>
      )}
      {book.data && (
        <PlanContext
          value={{ ...work, ...READ_ONLY, assessment: drawnWhole(work.assessment, book.data), opened: null }}
        >
          <Printed value={true}>
            <fieldset disabled className="contents">
              <Suspense fallback={null}>
                {book.data
                  .filter(({ stage }) => wanted.has(stage))
                  .map((one) => (
                    <PrintedStage key={one.stage} page={one} />
                  ))}
              </Suspense>
            </fieldset>
          </Printed>
          {wanted.has(MEASURE) && <StillToMeasure jobs={book.data.flatMap((one) => one.to_measure)} />}
          {wanted.has(NOTES) && <PrintedNotes />}
        </PlanContext>
      )}
    </main>
  );
}

const nothing = () => undefined;

/** On paper nothing is changed, also not by dragging on a drawing. */
const READ_ONLY: Partial<PlanWork> = {
  edit: nothing,
  set: nothing,
  apply: nothing,
  remove: nothing,
  type: nothing,
  goTo: nothing,
};

/** An assessment in which every stage is drawn whole. */
function drawnWhole(assessment: Assessment, book: readonly BookPage[]): Assessment {
  const stages = book.map(({ stage, drawing }) => {
    const sheet = assessment.stages[stage as StageName];
    return [stage, { ...sheet, drawing }];
  });
  return { ...assessment, stages: Object.fromEntries(stages) };
}
