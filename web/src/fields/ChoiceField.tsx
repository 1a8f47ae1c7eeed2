import { useChoices } from "../plan/server/useCatalogue";
import { inWords, valueAt } from "../plan/state/edits";
import { usePlan } from "../plan/state/PlanContext";
import { Choice } from "./Choice";

type Props = {
  pointer: string;
  bare?: boolean;
  /** What holds where nobody has said yes or no. */
  usual?: boolean;
};

/** A choice of the plan, with the core's words for it. */
export function ChoiceField({ pointer, bare = false, usual = false }: Props) {
  const { plan, set } = usePlan();
  const choice = useChoices()[pointer.replace(/\/\d+(?=\/)/g, "/*")];
  if (!choice) return null;
  const isYesNo = choice.options.some((one) => one.value === "true");
  const value = valueAt(plan, pointer) ?? (isYesNo ? usual : undefined);
  return (
    <Choice
      label={choice.label}
      bare={bare}
      value={String(value)}
      options={choice.options}
      onChange={(next) => {
        const text = choice.options.find((one) => one.value === next)?.text;
        set(pointer, isYesNo ? next === "true" : next, inWords(plan, pointer, `${text}`));
      }}
    />
  );
}
