import { createContext, use } from "react";

/** Whether what is drawn is for paper: then nothing can be pressed to see more, and all of it is drawn. */
export const Printed = createContext(false);

export const usePrinted = (): boolean => use(Printed);
