import type { BookPage, StageName } from "../api/types";
import { usePlan } from "../plan/state/PlanContext";
import { stageView } from "../stages/stageViews";

/** One stage on paper: its answer, its whole drawing with its cards, its figures, its cautions and its snags. */
export function PrintedStage({ page }: { page: BookPage }) {
  const { assessment } = usePlan();
  const stage = page.stage as StageName;
  const View = stageView(stage);
  const { title, answer, cautions } = assessment.stages[stage];
  const findings = assessment.findings.filter((finding) => finding.stage === stage);
  const glass = assessment.glass.filter((cell) => cell.permanent || cell.stage === stage);
  return (
    <section className="book-page" aria-label={title}>
      <p className="label">{title}</p>
      <h1>
        {answer.before}
        {answer.figure}
        {answer.after}
      </h1>
      <p className="mt-1 mb-2 text-[15px]">{answer.reason}</p>
      <ul className="mb-3 flex flex-wrap gap-x-6 gap-y-1 border-y border-rule py-1.5">
        {glass.map((cell) => (
          <li key={cell.label}>
            {cell.label}: <b>{cell.figure}</b> {cell.symbol} {cell.beside}
          </li>
        ))}
      </ul>
      {View && <View />}
      {page.figures.length > 0 && (
        <section className="mt-4" aria-label={`Figures of ${title}`}>
          <h2 className="mb-1">Figures</h2>
          <dl className="printed-figures">
            {page.figures.map((figure) => (
              <div key={figure.id}>
                <dt>{figure.label}</dt>
                <dd>{figure.text}</dd>
              </div>
            ))}
          </dl>
        </section>
      )}
      {cautions.map((caution) => (
        <p key={caution} className="caution">
          {caution}
        </p>
      ))}
      {findings.length > 0 && (
        <section className="mt-4" aria-label={`Snags on ${title}`}>
          <h2 className="mb-1">Snags</h2>
          {findings.map((finding) => (
            <div key={finding.key} className="mb-2 break-inside-avoid">
              <p>
                <b>{finding.severity_word}:</b> {finding.title}.
              </p>
              <p className="text-[13px]">{finding.why}</p>
            </div>
          ))}
        </section>
      )}
    </section>
  );
}
