import { DialogTitle } from "@headlessui/react";
import { useStages } from "../plan/state/useStages";
import { OverPage } from "../plan/widgets/OverPage";

const KEYS: readonly [string, string][] = [
  ["[  ]", "the stage before, the stage after"],
  ["Ctrl Z", "undo; with Shift, redo"],
  ["Enter", "in a field: take what is typed; on a tank or bay of a drawing: open its fields"],
  ["Escape", "take back what is typed; close what is open"],
  ["← → ↑ ↓", "on a tank, bay or load of a drawing: move it 1 cm; with Shift, 10 cm"],
  ["?", "this list"],
];

/** The keys, and what can be typed into a field. */
export function KeysDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  const stages = useStages();
  return (
    <OverPage open={open} onClose={onClose} className="max-h-full max-w-xl overflow-y-auto">
      <DialogTitle as="h2">Keys</DialogTitle>
      <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-5 gap-y-1.5">
        {[...stages.map((stage, index): [string, string] => [String(index + 1), stage.title]), ...KEYS].map(
          ([key, what]) => (
            <div key={key} className="contents">
              <dt className="font-[640] whitespace-nowrap">{key}</dt>
              <dd>{what}</dd>
            </div>
          ),
        )}
      </dl>
      <p className="mt-3 text-[13px] text-ink-2">
        Fields take what people say: 25 gal, 3/8 in, 2.4 bar, 1 ft 9, 12 + 3 × 4. A figure with a dotted line under it
        opens its sum.
      </p>
      <div className="mt-4 flex justify-end">
        <button type="button" className="plain" onClick={onClose} data-autofocus>
          Close
        </button>
      </div>
    </OverPage>
  );
}
