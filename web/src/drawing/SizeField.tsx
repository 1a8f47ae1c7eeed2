import { useEffect, useLayoutEffect, useRef, useState } from "react";
import { QuantityField } from "../fields/QuantityField";
import { usePlan } from "../plan/state/PlanContext";

type Props = {
  pointer: string;
  /** What it is laid over. */
  at: Element | null;
  /** Called when it closes, with whether the cursor was still in it. */
  onDone: (isHere: boolean) => void;
};

/** A field over a size on a drawing: gone when it is left, unless what was typed is not understood. */
export function SizeField({ pointer, at, onDone }: Props) {
  const { typed } = usePlan();
  const field = useRef<HTMLDivElement>(null);
  const [place, setPlace] = useState({ left: 0, top: 0 });
  const [isLeft, setIsLeft] = useState(false);
  const isOpen = typed(pointer) !== undefined;

  useLayoutEffect(() => {
    const home = field.current?.parentElement?.getBoundingClientRect();
    const own = field.current?.getBoundingClientRect();
    const text = at?.getBoundingClientRect();
    if (!home || !own || !text) return;
    const middle = text.left + text.width / 2 - home.left - own.width / 2;
    setPlace({
      left: Math.max(0, Math.min(middle, home.width - own.width)),
      top: text.top + text.height / 2 - home.top - own.height / 2,
    });
    field.current?.querySelector("input")?.focus();
  }, [at]);

  const done = useRef(onDone);
  done.current = onDone;
  useEffect(() => {
    if (isLeft && !isOpen) done.current(field.current?.contains(document.activeElement) ?? false);
  }, [isLeft, isOpen]);

  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the field inside takes the keys; this only notices when it is left
    <div
      ref={field}
      className="size-field"
      style={place}
      onFocus={() => setIsLeft(false)}
      onBlur={() => setIsLeft(true)}
      onKeyDown={(event) => {
        if (event.key !== "Enter" && event.key !== "Escape") return;
        // Escape is for this field, not for what is open around it.
        event.preventDefault();
        setIsLeft(true);
      }}
    >
      <QuantityField pointer={pointer} bare />
    </div>
  );
}
