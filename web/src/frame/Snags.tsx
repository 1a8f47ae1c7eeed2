import { Disclosure, DisclosureButton, DisclosurePanel } from "@headlessui/react";
import type { ReactNode } from "react";
import { Link } from "react-router";
import type { Finding, Fix, Severity, StageName } from "../api/types";
import { useFixes } from "../plan/server/useFixes";
import { usePlan } from "../plan/state/PlanContext";
import { useStages } from "../plan/state/useStages";

/**
 * The findings of this stage, worst first, with their fixes; those of the other stages in a line. While something is opened its own come
 * first, and the others stay folded.
 */
export function Snags({ stage }: { stage: StageName }) {
  const { assessment, opened, state } = usePlan();
  const { fixesOf, proven, stopped } = useFixes(stage);
  const here = assessment.findings.filter((finding) => finding.stage === stage);
  const own = opened === null ? here : here.filter((finding) => finding.subject.includes(opened));
  const others = here.filter((finding) => !own.includes(finding));
  const elsewhere = useStages()
    .filter((one) => one.name !== stage)
    .map((one) => ({ ...one, count: assessment.findings.filter((finding) => finding.stage === one.name).length }))
    .filter((one) => one.count > 0);
  const list = (findings: readonly Finding[]) =>
    cards(findings).map(([finding, consequences]) => (
      <Snag key={finding.key} finding={finding} consequences={consequences} fixesOf={fixesOf} proven={proven} />
    ));
  const title = opened === null ? "Snags on this stage" : "Its snags";
  return (
    <aside id="snags" aria-label="Snags" className="snags" tabIndex={-1}>
      <Folded
        title={
          own.length > 0 ? `${title}, ${own.length}` : opened === null ? "No snags on this stage" : "No snags here"
        }
      >
        {list(own)}
      </Folded>
      {others.length > 0 && <Folded title={`Other snags on this stage, ${others.length}`}>{list(others)}</Folded>}
      {stopped && <p className="py-3 text-[13px] text-ink-2">Not every snag has its fixes. {stopped}</p>}
      {elsewhere.length > 0 && (
        <p className="py-3 text-[13px] text-ink-2">
          Elsewhere:{" "}
          {elsewhere.map((one, index) => (
            <span key={one.name}>
              {index > 0 && ", "}
              <Link className="quiet" to={`/plans/${state.id}/${one.name}#snags`}>
                {one.count} on {one.title}
              </Link>
            </span>
          ))}
        </p>
      )}
    </aside>
  );
}

function Folded({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Disclosure defaultOpen>
      <DisclosureButton className="label flex w-full min-h-10 items-center justify-between">
        <span>{title}</span>
        <span className="ui-open-mark" aria-hidden />
      </DisclosureButton>
      <DisclosurePanel>{children}</DisclosurePanel>
    </Disclosure>
  );
}

/** Each finding that stands by itself with those that come of it, in the order of the worst among them. */
function cards(findings: readonly Finding[]): [Finding, Finding[]][] {
  const byKey = new Map(findings.map((finding) => [finding.key, finding]));
  const found = new Map<Finding, Finding[]>();
  for (const finding of findings) {
    const cause = byKey.get(finding.cause ?? "") ?? finding;
    const consequences = found.get(cause) ?? [];
    found.set(cause, cause === finding ? consequences : [...consequences, finding]);
  }
  return [...found];
}

type FixesOf = (finding: Finding) => readonly Fix[];

/** @param proven whether the fixes are those of the plan as it is now */
function Snag(props: { finding: Finding; consequences: readonly Finding[]; fixesOf: FixesOf; proven: boolean }) {
  const { finding, consequences, fixesOf, proven } = props;
  return (
    <article className="border-b border-rule py-3">
      <h2 className="flex gap-2">
        <Title finding={finding} />
      </h2>
      <Remedy finding={finding} fixes={fixesOf(finding)} proven={proven} lookAt={finding.look_at} />
      {consequences.length > 0 && (
        <div className="mt-3 border-l-2 border-rule pl-3">
          <p className="label">Because of this</p>
          {consequences.map((one) => (
            <Disclosure key={one.key}>
              <h3>
                <DisclosureButton className="flex w-full min-h-9 items-center gap-2 text-left">
                  <Title finding={one} />
                  <span className="ui-open-mark ml-auto" aria-hidden />
                </DisclosureButton>
              </h3>
              <DisclosurePanel>
                <Remedy
                  finding={one}
                  fixes={fixesOf(one)}
                  proven={proven}
                  lookAt={one.look_at?.pointer === finding.look_at?.pointer ? undefined : one.look_at}
                />
              </DisclosurePanel>
            </Disclosure>
          ))}
        </div>
      )}
    </article>
  );
}

function Title({ finding }: { finding: Finding }) {
  return (
    <>
      <Mark severity={finding.severity} />
      <span className="sr-only">{finding.severity_word}:</span>
      <span>{finding.title}</span>
    </>
  );
}

/** Why it is so, and what can be done about it. */
function Remedy(props: { finding: Finding; fixes: readonly Fix[]; proven: boolean; lookAt: Finding["look_at"] }) {
  const { finding, fixes, proven, lookAt } = props;
  const { apply, goTo } = usePlan();
  return (
    <>
      <p className="mt-1 mb-2 text-[13.5px] text-ink-2">{finding.why}</p>
      <div className="flex flex-wrap gap-1.5">
        {fixes.map((fix, index) => (
          <div key={fix.label} className={fix.cost ? "basis-full" : ""}>
            <button
              type="button"
              className={index === 0 && !fix.cost ? "go" : "plain"}
              aria-disabled={!proven}
              onClick={() => {
                if (!proven) return;
                apply(fix);
                // The snag goes, and its buttons with it; the keyboard stays among the others.
                document.getElementById("snags")?.focus();
              }}
            >
              {fix.label}
            </button>
            {fix.cost && <p className="mt-0.5 mb-1 text-[12.5px] text-brass">{fix.cost}</p>}
          </div>
        ))}
        {lookAt && (
          <button type="button" className="plain" onClick={() => goTo(lookAt.pointer)}>
            {lookAt.label}
          </button>
        )}
      </div>
    </>
  );
}

/** A chip of rust, a brass triangle or a plain ring; the word for it stands beside. */
function Mark({ severity }: { severity: Severity }) {
  return (
    <svg viewBox="0 0 16 16" className="mt-0.5 size-[16px] flex-none" aria-hidden>
      {severity === "stop" && (
        <>
          <path d="M5 1h6l4 4v6l-4 4H5l-4-4V5z" className="fill-rust" />
          <path d="M4.500 8h7" className="stroke-sheet" strokeWidth="2" />
        </>
      )}
      {severity === "fix" && <path d="M8 2l6.500 12h-13z" fill="none" className="stroke-brass" strokeWidth="2" />}
      {severity === "watch" && <circle cx="8" cy="8" r="6.200" fill="none" className="stroke-ink-2" strokeWidth="2" />}
    </svg>
  );
}
