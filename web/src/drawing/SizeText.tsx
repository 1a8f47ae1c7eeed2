import { useRef, useState } from "react";
import { createPortal } from "react-dom";
import { usePlan } from "../plan/state/PlanContext";
import { readingAt } from "../plan/state/readingAt";
import { SizeField } from "./SizeField";
import { useFocusedField } from "./useFocusedField";

type Props = { pointer: string; x: number; y: number; anchor?: "start" | "middle" | "end" };

/** A size on a drawing: pressed, it is typed over where it stands; while the cursor is in its field it stands out. */
export function SizeText({ pointer, x, y, anchor = "middle" }: Props) {
  const { assessment } = usePlan();
  const isFocused = useFocusedField() === pointer;
  const text = useRef<SVGTextElement>(null);
  const [typedIn, setTypedIn] = useState<Element | null>(null);
  const reading = readingAt(assessment, pointer);
  if (!reading) return null;
  // An SVG holds no fields, so the field is put over it, into the element around it.
  const type = () => setTypedIn(text.current?.ownerSVGElement?.parentElement ?? null);
  const words = `${reading.text} ${reading.symbol}`;
  return (
    <>
      <text
        ref={text}
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
      {typedIn &&
        createPortal(
          <SizeField
            pointer={pointer}
            at={text.current}
            onDone={(isHere) => {
              setTypedIn(null);
              if (isHere) text.current?.focus();
            }}
          />,
          typedIn,
        )}
    </>
  );
}
