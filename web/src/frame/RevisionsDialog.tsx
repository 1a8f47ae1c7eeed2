import { DialogTitle } from "@headlessui/react";
import { useInfiniteQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../api/client";
import type { Revision } from "../api/types";
import { usePlan } from "../plan/state/PlanContext";
import { isUnsaved } from "../plan/state/planState";
import { OverPage } from "../plan/widgets/OverPage";

/** Earlier revisions of the plan. Going back to one is saved as a new one and can be undone like any edit. */
export function RevisionsDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { state, restored } = usePlan();
  const client = useQueryClient();
  const [refusal, setRefusal] = useState("");
  const [naming, setNaming] = useState<number | null>(null);
  const key = ["revisions", state.id];
  const list = useInfiniteQuery({
    queryKey: [...key, state.saved.revision],
    queryFn: ({ pageParam }) => api.revisions(state.id, pageParam),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: (page) => page.before ?? undefined,
    enabled: open,
    gcTime: 0,
  });
  const tell = async (asking: Promise<unknown>) => {
    setRefusal("");
    try {
      await asking;
    } catch (error) {
      setRefusal((error as Error).message);
    }
  };
  const goBack = async (revision: Revision) => {
    const saved = await api.restore(state.id, revision.number, state.saved.revision);
    restored(saved, `back to revision ${revision.number}`);
    onClose();
  };
  const name = async (revision: Revision, text: string) => {
    await api.nameRevision(state.id, revision.number, text);
    setNaming(null);
    await client.invalidateQueries({ queryKey: key });
  };
  return (
    <OverPage open={open} onClose={onClose} className="max-h-[86vh] max-w-2xl">
      <DialogTitle as="h2">Earlier revisions</DialogTitle>
      <p className="my-2 text-sm text-ink-2">
        What was saved within a day is all here; of older edits the last of each minute is. A revision with a name stays
        for good.
      </p>
      <ul className="min-h-0 overflow-y-auto px-1">
        {list.data?.pages
          .flatMap((page) => page.revisions)
          .map((revision) => (
            <li key={revision.number} className="border-b border-dotted border-rule py-2">
              <div className="flex flex-wrap items-start justify-between gap-x-4 gap-y-1">
                <div className="min-w-0 flex-1 basis-64">
                  {revision.name && <b className="block font-[620]">{revision.name}</b>}
                  <span className="block">{revision.what}</span>
                  <span className="block text-[13px] text-ink-2">
                    {revision.number}, <time dateTime={revision.saved_at}>{moment(revision.saved_at)}</time>
                    {revision.device && `, ${revision.device}`}
                  </span>
                </div>
                <div className="flex gap-2">
                  <button
                    type="button"
                    className="plain small"
                    aria-label={`${revision.name ? "Rename" : "Name"} revision ${revision.number}`}
                    onClick={() => setNaming(revision.number)}
                  >
                    {revision.name ? "Rename" : "Name"}
                  </button>
                  {revision.number === state.saved.revision ? (
                    <span className="self-center text-ink-2">as it is now</span>
                  ) : (
                    <button
                      type="button"
                      className="plain small"
                      disabled={isUnsaved(state)}
                      onClick={() => tell(goBack(revision))}
                    >
                      Go back to this
                    </button>
                  )}
                </div>
              </div>
              {naming === revision.number && (
                <Naming
                  name={revision.name ?? ""}
                  onName={(text) => tell(name(revision, text))}
                  onLeave={() => setNaming(null)}
                />
              )}
            </li>
          ))}
      </ul>
      {isUnsaved(state) && <p className="mt-2 text-brass">You can go back once the last edit is saved.</p>}
      {(refusal || list.isError) && (
        <p role="alert" className="mt-2 text-rust">
          {refusal || list.error?.message}
        </p>
      )}
      <div className="mt-4 flex justify-between gap-2">
        {list.hasNextPage ? (
          <button type="button" className="plain" onClick={() => list.fetchNextPage()}>
            Show earlier ones
          </button>
        ) : (
          <span />
        )}
        <button type="button" className="plain" onClick={onClose}>
          Close
        </button>
      </div>
    </OverPage>
  );
}

const moment = (at: string) => new Date(at).toLocaleString("en-GB", { dateStyle: "medium", timeStyle: "medium" });

function Naming({ name, onName, onLeave }: { name: string; onName: (text: string) => void; onLeave: () => void }) {
  const [text, setText] = useState(name);
  return (
    <form
      className="my-2 flex gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        onName(text);
      }}
    >
      <input
        // biome-ignore lint/a11y/noAutofocus: it was just asked for
        autoFocus
        type="text"
        className="min-w-0 flex-1"
        aria-label="Name of the revision"
        maxLength={80}
        placeholder="Before the new tank"
        value={text}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => {
          if (event.key !== "Escape") return;
          event.stopPropagation();
          event.preventDefault();
          onLeave();
        }}
      />
      <button type="submit" className="plain small">
        Keep
      </button>
    </form>
  );
}
