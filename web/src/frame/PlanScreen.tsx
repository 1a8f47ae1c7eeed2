import { useQuery } from "@tanstack/react-query";
import { lazy, Suspense } from "react";
import { Link, Navigate, useParams, useSearchParams } from "react-router";
import { api } from "../api/client";
import { Away } from "../api/errors";
import { untilFetched } from "../api/fetched";
import { takeDrafts } from "../plan/drafts/draftStorage";
import { thisTab } from "../plan/drafts/tab";
import { inPresentForm } from "../plan/drafts/upgradeDrafts";
import { type Opening, PlanProvider } from "../plan/state/PlanProvider";
import { hasView } from "../stages/stageViews";
import { Frame } from "./Frame";
import type { Ground } from "./lightOrDark";
import { Waiting } from "./Waiting";

/** The last part of the address at which a plan is printed. */
export const PRINT = "print";

const PrintBook = lazy(untilFetched(() => import("../print/PrintBook")));

/** One plan, opened from the server. */
export default function PlanScreen({ ground, onTurnGround }: { ground: Ground; onTurnGround: () => void }) {
  const { id = "", stage } = useParams();
  const [search] = useSearchParams();
  const opening = useQuery({
    queryKey: ["plan", id],
    queryFn: async (): Promise<Opening> => {
      const saved = await api.read(id);
      return { saved, kept: await inPresentForm(await takeDrafts(id), saved.plan), tab: await thisTab() };
    },
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
    retry: (_, error) => error instanceof Away,
    retryDelay: 1500,
  });
  const isBook = stage === PRINT;
  if (!hasView(stage) && !isBook) return <Navigate to={`/plans/${id}/use`} replace />;
  if (opening.isError) {
    return (
      <main className="p-8">
        <h1 tabIndex={-1}>There is no plan at this address.</h1>
        <p className="my-3 text-ink-2">{opening.error.message}</p>
        <Link className="quiet" to="/">
          Back to your plans
        </Link>
      </main>
    );
  }
  if (!opening.data) {
    return (
      <p role="status" className="p-8 text-ink-2">
        {opening.failureCount > 0 ? "The server is away. Trying again …" : "Opening the plan …"}
      </p>
    );
  }
  // Printing is a view of the same plan: what is not saved yet goes along.
  return (
    <PlanProvider key={id} opening={opening.data} stage={hasView(stage) ? stage : "use"}>
      {hasView(stage) ? (
        <Frame stage={stage} ground={ground} onTurnGround={onTurnGround} />
      ) : (
        <Suspense fallback={<Waiting what="" />}>
          <PrintBook from={search.get("stage")} />
        </Suspense>
      )}
    </PlanProvider>
  );
}
