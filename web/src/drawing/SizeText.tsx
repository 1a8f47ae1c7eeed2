import { usePlan } from "../plan/state/PlanContext";
import { readingAt } from "../plan/state/readingAt";
import { fieldAt, focusSoon } from "../plan/widgets/focus";
import { reveal } from "../plan/widgets/useReveal";
import { useFocusedField } from "./useFocusedField";

type Props = { pointer: string; x: number; y: number; anchor?: "start" | "middle" | "end" };

/** A size on a drawing: pressed, it can be typed over in its field; while the cursor is there it stands out. */
export function SizeText({ pointer, x, y, anchor = "middle" }: Props) {
  const { assessment } = usePlan();
  const isFocused = useFocusedField() === pointer;
  const reading = readingAt(assessment, pointer);
  if (!reading) return null;
  const type = () => {
    reveal(pointer);
    focusSoon(fieldAt(pointer));
  };
  const words = `${reading.text} ${reading.symbol}`;
  return (
    <text
      x={x}
      y={y}
      textAnchor={anchor}
      className="size-text"
      data-focused={isFocused || undefined}
      role="button"
      tabIndex={0}
      aria-label={`${reading.label}: ${words}. Type it`}
      onClick={type}
      onKeyDown={(event) => {
        if (event.key !== "Enter" && event.key !== " ") return;
        event.preventDefault();
        type();
      }}
    >
      {words}
    </text>
  );
}
