import { Dialog, DialogPanel, DialogTitle } from "@headlessui/react";
import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import { usePlan } from "../plan/PlanContext";
import { isUnsaved } from "../plan/planState";

/** Earlier revisions of the plan. Going back to one is an edit like any other and can be undone. */
export function RevisionsDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { state, edit } = usePlan();
  const list = useQuery({
    queryKey: ["revisions", state.id, state.saved.revision],
    queryFn: () => api.revisions(state.id),
    enabled: open,
  });
  const goBack = async (number: number) => {
    edit((await api.revision(state.id, number)).plan, `back to revision ${number}`);
    onClose();
  };
  return (
    <Dialog open={open} onClose={onClose} className="relative z-20">
      <div className="fixed inset-0 bg-ink/30" aria-hidden />
      <div className="fixed inset-0 flex items-center justify-center p-4">
        <DialogPanel className="card card-on flex max-h-[80vh] w-full max-w-md flex-col p-5">
          <DialogTitle as="h2">Earlier revisions</DialogTitle>
          <p className="my-2 text-sm text-ink-2">
            Every saved state is kept. Going back makes a new revision of the old state.
          </p>
          <ul className="min-h-0 overflow-y-auto">
            {list.data?.map((revision) => (
              <li
                key={revision.number}
                className="flex items-center justify-between border-b border-dotted border-rule py-1"
              >
                <span>
                  {revision.number},{" "}
                  <time dateTime={revision.saved_at}>
                    {new Date(revision.saved_at).toLocaleString("en-GB", { dateStyle: "medium", timeStyle: "short" })}
                  </time>
                </span>
                {revision.number === state.saved.revision && !isUnsaved(state) ? (
                  <span className="text-ink-2">as it stands</span>
                ) : (
                  <button type="button" className="plain small" onClick={() => goBack(revision.number)}>
                    Go back to this
                  </button>
                )}
              </li>
            ))}
          </ul>
          {list.isError && <p className="text-rust">{list.error.message}</p>}
          <button type="button" className="plain mt-4 self-end" onClick={onClose}>
            Close
          </button>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
