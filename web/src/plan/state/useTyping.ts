import { type Dispatch, useCallback, useEffect, useRef } from "react";
import { api } from "../../api/client";
import { Away, Refused } from "../../api/errors";
import type { Plan } from "../../api/types";
import { withValue } from "./edits";
import { type Place, pointerOf } from "./parts";
import type { PlanAction, PlanState } from "./planState";

const PAUSE_MS = 120;
const RETRY_MS = 1500;

type Read = (place: Place, text: string, what: string, sure?: boolean) => void;

/** Sends what is typed to be read; the last text of a field wins, and what the server could not read yet is sent again. */
export function useTyping(state: PlanState, dispatch: Dispatch<PlanAction>): Read {
  const latest = useRef(state);
  latest.current = state;
  const timers = useRef(new Map<Place, ReturnType<typeof setTimeout>>());

  const read = useCallback(
    async (place: Place, text: string, what: string, sure: boolean) => {
      const stillWanted = () => latest.current.typed[place]?.text === text;
      // By the time of the answer the part may stand elsewhere in its list, or be gone.
      let pointer = pointerOf(latest.current.plan, place);
      if (pointer === undefined) return;
      try {
        let plan: Plan;
        let value: number;
        // What was typed elsewhere meanwhile may contradict it: it is read against the plan that it goes into.
        do {
          plan = latest.current.plan;
          value = await api.typed(pointer, text, plan, sure);
          pointer = pointerOf(latest.current.plan, place);
          if (!stillWanted() || pointer === undefined) return;
        } while (plan !== latest.current.plan);
        dispatch({ type: "edit", from: plan, plan: withValue(plan, pointer, value), what, key: place });
        dispatch({ type: "typed", place, typed: { text, state: "read", what } });
      } catch (error) {
        if (!stillWanted()) return;
        if (error instanceof Away) {
          dispatch({ type: "typed", place, typed: { text, state: "waiting", what } });
          return;
        }
        const violation = error instanceof Refused ? error.problem.violations?.[0] : undefined;
        const message = violation ?? { pointer: pointer ?? "", message: (error as Error).message };
        dispatch({ type: "typed", place, typed: { text, state: "refused", what, violation: message } });
      }
    },
    [dispatch],
  );

  const waiting = Object.entries(state.typed).filter(([, typed]) => typed.state === "waiting");
  const again =
    waiting.length > 0 ? JSON.stringify(waiting.map(([place, typed]) => [place, typed.text, typed.what])) : "";
  useEffect(() => {
    if (again === "") return;
    const timer = setInterval(() => {
      for (const [place, text, what] of JSON.parse(again) as [string, string, string][])
        void read(place, text, what, false);
    }, RETRY_MS);
    return () => clearInterval(timer);
  }, [again, read]);

  return useCallback(
    (place, text, what, sure = false) => {
      dispatch({ type: "typed", place, typed: { text, state: "reading", what } });
      clearTimeout(timers.current.get(place));
      timers.current.set(
        place,
        setTimeout(() => void read(place, text, what, sure), sure ? 0 : PAUSE_MS),
      );
    },
    [dispatch, read],
  );
}
