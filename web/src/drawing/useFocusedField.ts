import { useSyncExternalStore } from "react";

const listen = (changed: () => void) => {
  document.addEventListener("focusin", changed);
  document.addEventListener("focusout", changed);
  return () => {
    document.removeEventListener("focusin", changed);
    document.removeEventListener("focusout", changed);
  };
};

/** The pointer of the field that the cursor is in, so that a drawing can show what is typed. */
export const useFocusedField = (): string | undefined =>
  useSyncExternalStore(listen, () => (document.activeElement as HTMLElement | null)?.dataset?.pointer);
