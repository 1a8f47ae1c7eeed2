import { usePlan } from "../../plan/state/PlanContext";

const POINTER = "/line/currency";

/** What the user's prices are in, as he writes it: one for the whole plan. */
export function Currency() {
  const { plan, set, settle } = usePlan();
  return (
    <label className="flex items-center gap-2">
      <span className="label">Your prices are in</span>
      <input
        type="text"
        className="w-20"
        maxLength={12}
        placeholder="EUR"
        data-pointer={POINTER}
        value={plan.line.currency ?? ""}
        onChange={(event) => set(POINTER, event.target.value.trimStart() || undefined, "the currency", POINTER)}
        onBlur={settle}
      />
    </label>
  );
}
