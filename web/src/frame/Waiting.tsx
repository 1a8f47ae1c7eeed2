import { useFetchFails } from "../api/fetched";

/** Stands where a part of the application is on its way, and says when it cannot be fetched. */
export function Waiting({ what }: { what: string }) {
  const fails = useFetchFails();
  return (
    <p role="status" className="text-ink-2">
      {fails ? "The server is away, so this page cannot be loaded yet. Trying again …" : what}
    </p>
  );
}
