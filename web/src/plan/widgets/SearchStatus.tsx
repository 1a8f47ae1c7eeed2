import type { Search } from "../server/useSearch";
import { QUIET_MS, useWaited } from "./useWaited";

/** After which it is likely that another search is before it. */
const QUEUED_MS = 1500;

/** How a search goes and how it ended, with a way to stop it or to have it again. */
export function SearchStatus({ search, trying, done }: { search: Search<unknown>; trying: string; done?: string }) {
  const waited = useWaited(search.isSearching, QUIET_MS, QUEUED_MS);
  return (
    <p role="status" className="flex min-h-10 flex-1 flex-wrap items-center gap-x-3 gap-y-1 text-[13px] text-ink-2">
      {search.isSearching && waited >= QUIET_MS && (
        <>
          <span>
            {search.progress
              ? `${trying}: ${search.progress.done} of ${search.progress.of} …`
              : waited >= QUEUED_MS
                ? "Another search is running; this one is next …"
                : `${trying} …`}
          </span>
          <button type="button" className="plain small" onClick={search.stop}>
            Stop
          </button>
        </>
      )}
      {!search.isSearching && (search.failed ?? search.stopped) && (
        <>
          <span>{search.failed ?? search.stopped}</span>
          <button type="button" className="plain small" onClick={search.again}>
            Search again
          </button>
        </>
      )}
      {!search.isSearching && !search.failed && !search.stopped && search.found !== undefined && done}
    </p>
  );
}
