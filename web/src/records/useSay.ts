import type { NewRecord } from "../api/types";
import { usePlan } from "../plan/state/PlanContext";
import { now } from "./newNote";
import { useRecords } from "./RecordsContext";

type What = Pick<NewRecord, "purchase"> | Pick<NewRecord, "cut"> | Pick<NewRecord, "offcuts">;

/** Says something of a thing that only the last word counts of: a purchase, a cut, what the workshop has. */
export function useSay() {
  const { state } = usePlan();
  const { unsent, add } = useRecords();
  /** What is said of it on this device and not sent yet. */
  const waiting = (kind: NewRecord["kind"], part: string): NewRecord | undefined =>
    unsent.findLast(
      ({ plan, record, refused }) =>
        plan === state.id && record.kind === kind && record.part === part && refused === undefined,
    )?.record;
  const say = (kind: NewRecord["kind"], part: string, name: string, what: What): Promise<void> => {
    const record = {
      uuid: crypto.randomUUID(),
      kind,
      part,
      part_name: name.slice(0, 80),
      revision: state.saved.revision,
      happened_at: now(),
      retracts: false,
      ...what,
    };
    return add({ plan: state.id, planName: state.plan.name, record });
  };
  return { waiting, say };
}
