import { createContext, use } from "react";
import type { Who } from "../api/types";

/** At the machine that serves this everything is allowed. */
export const HERE: Who = { may: "keep", here: true, device: null, plan: null, address: null, trust: null };

export const WhoContext = createContext<Who>(HERE);

/** Who looks at this page, and what that one may do. */
export function useWho(): Who {
  return use(WhoContext);
}
