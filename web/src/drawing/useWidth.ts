import { type RefObject, useLayoutEffect, useRef, useState } from "react";

/** The width of an element in CSS pixels, so that drawings are drawn one to one and their lettering keeps its size. */
export function useWidth<T extends Element>(initial: number): [RefObject<T | null>, number] {
  const ref = useRef<T>(null);
  const [width, setWidth] = useState(initial);
  useLayoutEffect(() => {
    const element = ref.current;
    if (!element) return;
    const observer = new ResizeObserver(() => setWidth(element.clientWidth || initial));
    observer.observe(element);
    setWidth(element.clientWidth || initial);
    return () => observer.disconnect();
  }, [initial]);
  return [ref, width];
}
