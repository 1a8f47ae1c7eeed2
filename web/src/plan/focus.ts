/** Puts the keyboard where somebody goes on working, once what is there has been drawn. */
export function focusSoon(selector: string): void {
  requestAnimationFrame(() =>
    requestAnimationFrame(() => {
      const element = document.querySelector<HTMLElement>(selector);
      element?.scrollIntoView({ block: "nearest" });
      element?.focus();
    }),
  );
}

/** The field of a pointer. */
export const fieldAt = (pointer: string): string => `[data-pointer="${CSS.escape(pointer)}"]`;
