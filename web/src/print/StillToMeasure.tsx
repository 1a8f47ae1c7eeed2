/** What the plan still guesses, to be taken to the rig, each with a line to write on. */
export function StillToMeasure({ jobs }: { jobs: readonly string[] }) {
  return (
    <section className="book-page" aria-label="Still to be measured">
      <h1 className="mb-3">Still to be measured</h1>
      {jobs.length === 0 && <p>Nothing: every weight, place and length was measured.</p>}
      <ol>
        {jobs.map((job) => (
          <li key={job} className="flex items-end gap-4 border-b border-dotted border-rule py-2.5">
            <span className="flex-1">{job}</span>
            <span className="w-40 border-b border-ink" aria-hidden />
          </li>
        ))}
      </ol>
    </section>
  );
}
