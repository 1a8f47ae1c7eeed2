import { usePlan } from "../plan/state/PlanContext";
import { allReadings } from "../plan/state/readingAt";
import { QuantityField } from "./QuantityField";

type Props = {
  /** Of the part or object whose fields these are. */
  pointer: string;
  /** Only those under this heading. */
  group?: string;
  /** Only these keys. */
  only?: readonly string[];
  /** Keys that are edited elsewhere. */
  except?: readonly string[];
};

/** Whether a field belongs to the part itself and not to one in its lists. */
const isOwn = (at: string, pointer: string) =>
  at.startsWith(`${pointer}/`) && !/\/\d+\//.test(at.slice(pointer.length));

/** Every measured field of a part, in the order in which the core declares them: a new one needs no line here. */
export function MeasuredFields({ pointer, group, only, except = [] }: Props) {
  const { assessment, away } = usePlan();
  const own = allReadings(assessment).filter(([at]) => isOwn(at, pointer));
  // What is opened while the server is away has not been read yet.
  if (own.length === 0 && away) return <p role="status">Its figures appear when the server answers again.</p>;
  return own
    .filter(([, reading]) => group === undefined || reading.group === group)
    .filter(
      ([at]) =>
        !except.includes(at.slice(pointer.length + 1)) && (!only || only.includes(at.slice(pointer.length + 1))),
    )
    .map(([at]) => <QuantityField key={at} pointer={at} />);
}
