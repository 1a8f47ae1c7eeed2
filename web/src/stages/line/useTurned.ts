import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../../api/client";
import type { LineScene } from "../../api/types";
import { usePlan } from "../../plan/state/PlanContext";

/** Valves that somebody turns to see what comes of it: the plan stays as it is. */
export type Turned = {
  positions: Readonly<Record<string, string>>;
  /** What flows then; undefined while all is as in use, or the answer is on its way. */
  scenes: readonly LineScene[] | undefined;
  turn: (valve: string, position: string) => void;
  back: () => void;
};

export function useTurned(): Turned {
  const { plan, settled } = usePlan();
  const [turned, setTurned] = useState<Readonly<Record<string, string>>>({});
  // A valve that has gone is turned no more.
  const positions = Object.fromEntries(
    Object.entries(turned).filter(([valve]) => plan.line.parts.some((part) => part.id === valve)),
  );
  const isTurned = Object.keys(positions).length > 0;
  const query = useQuery({
    queryKey: ["turned", positions, plan],
    queryFn: () => api.lineScenes(positions, plan),
    enabled: settled && isTurned,
    placeholderData: keepPreviousData,
  });
  return {
    positions,
    scenes: isTurned ? query.data : undefined,
    turn: (valve, position) => setTurned({ ...positions, [valve]: position }),
    back: () => setTurned({}),
  };
}
