import { useState } from "react";
import type { JointRow } from "../../api/types";
import { usePlan } from "../../plan/state/PlanContext";
import { SayEnd } from "./SayEnd";

const INK = { tight: "text-leaf", leaks: "text-brass", apart: "text-rust", unmeasured: "text-ink-2" };

/** What meets at a joint, from the tube to the port, what comes of it, and what would join it. */
export function JointDetail({ joint }: { joint: JointRow }) {
  const { apply } = usePlan();
  const [said, setSaid] = useState<"tube" | "port" | null>(null);
  const last = joint.meetings.length - 1;
  return (
    <section aria-label={`Joint at ${joint.at}`} className="text-[14px]">
      <h3 className="font-[640]">
        At {joint.at} <span className={`font-[560] ${INK[joint.verdict]}`}>{joint.words}</span>
      </h3>
      <ol className="joint-chain">
        {joint.meetings.map((meeting) => (
          <li key={`${meeting.tube} ${meeting.port}`}>
            <p>{meeting.tube}</p>
            <p className={`joint-with ${INK[meeting.verdict]}`}>
              {meeting.with ? `tight with ${meeting.with}` : (meeting.why ?? "to be measured")}
            </p>
            <p>{meeting.port}</p>
            {meeting.adapter && <p className="joint-adapter">{meeting.adapter}</p>}
          </li>
        ))}
      </ol>
      <div className="mt-2 flex flex-wrap gap-2">
        {joint.fixes.map((fix) => (
          <button key={fix.label} type="button" className="plain small" onClick={() => apply(fix)}>
            {fix.label}
          </button>
        ))}
        <button type="button" className="quiet" onClick={() => setSaid("tube")}>
          Measure the pipe’s end
        </button>
        <button type="button" className="quiet" onClick={() => setSaid("port")}>
          Measure {last > 0 ? "the port" : "what it meets"}
        </button>
      </div>
      {said && <SayEnd joint={joint} side={said} onClose={() => setSaid(null)} />}
    </section>
  );
}
