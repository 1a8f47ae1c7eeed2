import { type Dispatch, useCallback, useEffect, useRef } from "react";
import { Away, api, Refused } from "../api/client";
import { withValue } from "./edits";
import type { PlanWork } from "./PlanContext";
import type { PlanAction, PlanState } from "./planState";

const PAUSE_MS = 120;
const RETRY_MS = 1500;

/** Sends what is typed to be read; the last text of a field wins, and what the server could not read yet is sent again. */
export function useTyping(state: PlanState, dispatch: Dispatch<PlanAction>): PlanWork["type"] {
  const latest = useRef(state);
  latest.current = state;
  const timers = useRef(new Map<string, ReturnType<typeof setTimeout>>());

  const read = useCallback(
    async (pointer: string, text: string, what: string) => {
      const stillWanted = () => latest.current.typed[pointer]?.text === text;
      try {
        const value = await api.typed(pointer, text, latest.current.plan);
        if (!stillWanted()) return;
        dispatch({ type: "edit", plan: withValue(latest.current.plan, pointer, value), what, key: pointer });
        dispatch({ type: "typed", pointer, typed: { text, state: "read", what } });
      } catch (error) {
        if (!stillWanted()) return;
        if (error instanceof Away) {
          dispatch({ type: "typed", pointer, typed: { text, state: "waiting", what } });
          return;
        }
        const violation = error instanceof Refused ? error.problem.violations?.[0] : undefined;
        const message = violation ?? { pointer, message: (error as Error).message };
        dispatch({ type: "typed", pointer, typed: { text, state: "refused", what, violation: message } });
      }
    },
    [dispatch],
  );

  const waiting = Object.entries(state.typed).filter(([, typed]) => typed.state === "waiting");
  const again =
    waiting.length > 0 ? JSON.stringify(waiting.map(([pointer, typed]) => [pointer, typed.text, typed.what])) : "";
  useEffect(() => {
    if (again === "") return;
    const timer = setInterval(() => {
      for (const [pointer, text, what] of JSON.parse(again) as [string, string, string][])
        void read(pointer, text, what);
    }, RETRY_MS);
    return () => clearInterval(timer);
  }, [again, read]);

  return useCallback(
    (pointer: string, text: string, what: string) => {
      dispatch({ type: "typed", pointer, typed: { text, state: "reading", what } });
      clearTimeout(timers.current.get(pointer));
      timers.current.set(
        pointer,
        setTimeout(() => void read(pointer, text, what), PAUSE_MS),
      );
    },
    [dispatch, read],
  );
}
