import type { Fix } from "../../api/types";
import { useWhenSettled } from "../server/useWhenSettled";
import { usePlan } from "../state/PlanContext";

type Props = {
  addition: Fix;
  id?: string;
  className: string;
  /** What then, with the id of the part that was added. */
  onAdded?: (id: string) => void;
};

/** Adds a part to the plan; pressed while an answer is on its way, as soon as that has come. */
export function AddButton({ addition, id, className, onAdded }: Props) {
  const { add, settled } = usePlan();
  const addNow = () => {
    const added = add(addition);
    onAdded?.(added);
  };
  const [wanted, want] = useWhenSettled<true>(addNow);
  return (
    <button
      type="button"
      id={id}
      className={className}
      aria-busy={wanted === true}
      onClick={() => (settled ? addNow() : want(true))}
    >
      {addition.label}
    </button>
  );
}
