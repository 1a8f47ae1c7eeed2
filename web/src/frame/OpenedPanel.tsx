import { type ReactNode, useEffect, useRef, useState } from "react";
import { createPortal } from "react-dom";
import { usePlan } from "../plan/state/PlanContext";
import { OPEN_ABOVE } from "../plan/widgets/openAbove";
import { useBackCloses } from "../plan/widgets/useBackCloses";
import { NotesOf } from "../records/NotesOf";

/** Where in the frame what is opened is shown. */
export const OPENED_PLACE = "opened";

type Props = {
  /** Of what is opened. */
  id: string;
  name: string;
  /** What sort of thing it is, in a word or two: its name is in its first field. */
  kind: string;
  children: ReactNode;
};

/**
 * The fields of what is opened on a stage, in sight wherever it was opened from: in the column of the snags, and in the hand as a sheet from
 * below. Escape, Back and its button close it; the keyboard goes in, and back to where it was.
 */
export function OpenedPanel({ id, name, kind, children }: Props) {
  const { open } = usePlan();
  const [place, setPlace] = useState<HTMLElement | null>(null);
  const [tall, setTall] = useState(false);
  const title = useRef<HTMLHeadingElement>(null);
  const before = useRef<Element | null>(null);
  useEffect(() => setPlace(document.getElementById(OPENED_PLACE)), []);
  // biome-ignore lint/correctness/useExhaustiveDependencies: whenever something else is opened
  useEffect(() => {
    if (!place || place.contains(document.activeElement)) return;
    before.current = document.activeElement;
    title.current?.focus({ preventScroll: true });
    // In the hand the sheet leaves the upper part in sight: there is what was pressed.
    const isSheet = getComputedStyle(place.parentElement ?? place).position === "fixed";
    if (isSheet && before.current !== document.body) before.current?.scrollIntoView({ block: "start" });
  }, [place, id]);
  const close = () => {
    open(null);
    const to = before.current;
    if (to instanceof HTMLElement || to instanceof SVGElement)
      requestAnimationFrame(() => to.isConnected && to.focus());
  };
  useBackCloses(close);
  const latest = useRef(close);
  latest.current = close;
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.key === "Escape" && !event.defaultPrevented && !document.querySelector(OPEN_ABOVE)) latest.current();
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, []);
  if (!place) return null;
  return createPortal(
    <section aria-label={name} className="opened" data-tall={tall || undefined}>
      <button
        type="button"
        className="opened-handle"
        aria-label={tall ? "Lower" : "Taller"}
        onClick={() => setTall(!tall)}
      />
      <div className="flex items-center gap-2">
        <h2 ref={title} tabIndex={-1} className="flex-1 text-[13px] text-ink-2 first-letter:uppercase">
          {kind}
        </h2>
        <button type="button" className="plain" onClick={close}>
          Close
        </button>
      </div>
      {children}
      <NotesOf key={id} part={id} name={name} />
    </section>,
    place,
  );
}
