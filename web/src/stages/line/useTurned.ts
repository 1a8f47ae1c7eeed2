import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../../api/client";
import type { TurnedLine } from "../../api/types";
import { usePlan } from "../../plan/state/PlanContext";

/** A mode that somebody looks at, and valves turned to see what comes of it: the plan stays as it is. */
export type Turned = {
  mode: string | null;
  positions: Readonly<Record<string, string>>;
  /** What flows then, and how everything stands; undefined while all is as in use, or the answer is on its way. */
  line: TurnedLine | undefined;
  turn: (valve: string, position: string) => void;
  look: (mode: string | null) => void;
  back: () => void;
};

export function useTurned(): Turned {
  const { plan, assessment, settled } = usePlan();
  const [wanted, setMode] = useState<string | null>(null);
  const [turned, setTurned] = useState<Readonly<Record<string, string>>>({});
  // A valve that has gone is turned no more, and a mode that the line has no more is not looked at.
  const positions = Object.fromEntries(
    Object.entries(turned).filter(([valve]) => plan.line.parts.some((part) => part.id === valve)),
  );
  const mode = assessment.stages.line.drawing.modes.some((one) => one.id === wanted) ? wanted : null;
  const isTurned = mode !== null || Object.keys(positions).length > 0;
  const query = useQuery({
    queryKey: ["turned", mode, positions, plan],
    queryFn: () => api.turnedLine(positions, mode, plan),
    enabled: settled && isTurned,
    // What the last turn gave stays in sight until the next one's answer; what another mode gave does not.
    placeholderData: (last, lastQuery) => (lastQuery?.queryKey[1] === mode ? last : undefined),
  });
  return {
    mode,
    positions,
    line: isTurned ? query.data : undefined,
    turn: (valve, position) => setTurned({ ...positions, [valve]: position }),
    look: (next) => {
      setMode(next);
      setTurned({});
    },
    back: () => {
      setMode(null);
      setTurned({});
    },
  };
}
