/** Half a second, on a screen of sixty frames. */
const MOST_FRAMES = 30;

/** Puts the keyboard where somebody goes on working, once what is there has been drawn. */
export function focusSoon(selector: string): void {
  let left = MOST_FRAMES;
  const look = () => {
    const element = document.querySelector<HTMLElement>(selector);
    element?.scrollIntoView({ block: "nearest" });
    element?.focus();
    left -= 1;
    if (!element && left > 0) requestAnimationFrame(look);
  };
  requestAnimationFrame(() => requestAnimationFrame(look));
}

/** The field of a pointer. */
export const fieldAt = (pointer: string): string => `[data-pointer="${CSS.escape(pointer)}"]`;
