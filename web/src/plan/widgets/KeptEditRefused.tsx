import { Link } from "react-router";

/** Edits that this browser kept and that the server does not take: why, and the way out. */
export function KeptEditRefused(props: { why: readonly string[]; undoes: boolean; onUndo: () => void }) {
  const { why, undoes, onUndo } = props;
  return (
    <main className="max-w-xl p-8" role="alert">
      <h1 tabIndex={-1} className="text-[20px] font-[640]">
        The edits kept in this browser cannot be used
      </h1>
      {why.map((one) => (
        <p key={one} className="mt-2 text-ink-2">
          {one}
        </p>
      ))}
      <p className="mt-2 text-ink-2">What the server has saved is safe.</p>
      <div className="mt-4 flex gap-2">
        {undoes && (
          <button type="button" className="go" onClick={onUndo}>
            Undo these edits
          </button>
        )}
        <Link to="/" className="plain">
          Plans
        </Link>
      </div>
    </main>
  );
}
