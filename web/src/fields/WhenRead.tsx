import { type ReactNode, useState } from "react";
import { usePlan } from "../plan/state/PlanContext";
import { allReadings } from "../plan/state/readingAt";

type Props = {
  /** Of the part; null where it has no fields. */
  pointer: string | null;
  children: ReactNode;
};

/** Shows a part's panel only once its fields have been read: otherwise its buttons would move down as the fields appear. */
export function WhenRead({ pointer, children }: Props) {
  const { assessment, away } = usePlan();
  const [wasRead, setWasRead] = useState(false);
  const isRead = away || pointer === null || allReadings(assessment).some(([at]) => at.startsWith(`${pointer}/`));
  if (isRead && !wasRead) setWasRead(true);
  return isRead || wasRead ? children : null;
}
