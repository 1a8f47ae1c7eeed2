import type { JointRow } from "../../api/types";

/** One end of a pipe: whether its joint holds, by shape as well as by colour, and its adapters as beads on the pipe. */
export function JointMark({ joint, far = false }: { joint: JointRow | undefined; far?: boolean }) {
  if (!joint) return null;
  const adapted = joint.meetings.filter((one) => one.adapter);
  const beads = adapted.map((one) => <i key={`${one.tube} ${one.port}`} className="joint-bead" />);
  const mark = (
    <svg viewBox="0 0 18 18" className={`joint-mark joint-${joint.verdict}`} aria-hidden>
      {joint.verdict === "tight" && <circle cx="9" cy="9" r="6" />}
      {joint.verdict === "leaks" && (
        <path d="M9 2.5 C12.5 7.5 14 9.5 14 11.5 A5 5 0 0 1 4 11.5 C4 9.5 5.5 7.5 9 2.5 Z" />
      )}
      {joint.verdict === "apart" && <path d="M3 3 H7 V15 H3 Z M11 3 H15 V15 H11 Z" />}
      {joint.verdict === "unmeasured" && <circle cx="9" cy="9" r="6" strokeDasharray="3 2.3" />}
    </svg>
  );
  return (
    <span className={`flex items-center ${far ? "flex-row-reverse" : ""}`}>
      {mark}
      {beads}
    </span>
  );
}
