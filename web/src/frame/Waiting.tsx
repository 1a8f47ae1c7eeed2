import { useFetchFails } from "../api/fetched";

/** Stands where a part of the application is on its way, and says when it cannot be fetched. */
export function Waiting({ what }: { what: string }) {
  const fails = useFetchFails();
  return (
    <p role="status" className="text-ink-2">
      {fails ? "The server is away, and this view is not in the browser yet. Trying again …" : what}
    </p>
  );
}
