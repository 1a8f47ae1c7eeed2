import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api } from "../api/client";
import { Away, Refused } from "../api/errors";
import type { Assessment, FirstAnswers } from "../api/types";
import { stagesOf } from "../plan/state/useStages";
import { QUIET_MS, useWaited } from "../plan/widgets/useWaited";

const DEBOUNCE_MS = 120;

/** Why an answer was not taken, by its pointer; under "" what is about none of them. */
export type Refusals = Record<string, string>;

export function refusalsOf(error: unknown): Refusals {
  const violations = error instanceof Refused ? (error.problem.violations ?? []) : [];
  return violations.length > 0
    ? Object.fromEntries(violations.map((one) => [one.pointer, one.message]))
    : { "": (error as Error).message };
}

/** What the plan would say that these answers begin; the last one that could be read stays in sight. */
export function usePreview(answers: FirstAnswers): {
  assessment: Assessment | undefined;
  refusals: Refusals;
  /** Whether it is that of other answers, because that of these is on its way. */
  isOlder: boolean;
} {
  const wanted = JSON.stringify(answers);
  const [asked, setAsked] = useState(wanted);
  useEffect(() => {
    const timer = setTimeout(() => setAsked(wanted), DEBOUNCE_MS);
    return () => clearTimeout(timer);
  }, [wanted]);
  const query = useQuery({
    queryKey: ["preview", asked],
    queryFn: ({ signal }) => api.preview(JSON.parse(asked), signal),
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    retry: (_, error) => error instanceof Away,
    retryDelay: 1500,
  });
  const [last, setLast] = useState<Assessment>();
  if (query.data && query.data !== last) setLast(query.data);
  const isOlder = asked !== wanted || query.isPlaceholderData || query.isError;
  return { assessment: query.data ?? last, refusals: query.isError ? refusalsOf(query.error) : {}, isOlder };
}

/** The answers of the plan to be, one sentence a stage, and the worst that it will say of itself. */
export function Preview({ assessment, isOlder }: { assessment: Assessment | undefined; isOlder: boolean }) {
  const isLong = useWaited(isOlder, QUIET_MS) >= QUIET_MS;
  if (!assessment) return null;
  const worst = assessment.findings.filter((finding) => finding.severity !== "watch").slice(0, 3);
  return (
    <section
      aria-label="What the plan will say"
      aria-live="polite"
      aria-busy={isOlder}
      className="card flex flex-col gap-4 p-5"
    >
      {isOlder && isLong && <p className="answer-note">This is for your earlier answers. Working it out …</p>}
      {stagesOf(assessment).map(({ name, answer }, index) => (
        <div key={name} className={isOlder ? "older" : ""}>
          <p className={index === 0 ? "sentence text-[27px]" : "sentence text-[19px]"}>
            {answer.before}
            <span className="text-water">{answer.figure}</span>
            {answer.after}
          </p>
          <p className="mt-0.5 text-[13px] text-ink-2">{answer.reason}</p>
        </div>
      ))}
      {worst.map((finding) => (
        <p key={finding.title} className={finding.severity === "stop" ? "text-rust" : "text-brass"}>
          <b className="font-[640]">{finding.severity_word}:</b> {finding.title}.
        </p>
      ))}
    </section>
  );
}
