import { useState } from "react";
import type { JointRow, PartsDrawing } from "../../api/types";
import { Choice } from "../../fields/Choice";
import { useChoices } from "../../plan/server/useCatalogue";
import { usePlan } from "../../plan/state/PlanContext";
import { JointDetail } from "./JointDetail";
import { JointMark } from "./JointMark";

/** Every pipe and hose with what joins it at both ends; those that did not hold when the list was opened come first, and stay where they are. */
export function Joints({ joints, methods }: Pick<PartsDrawing, "joints" | "methods">) {
  const pipes = byPipe(joints);
  const [first] = useState(() => pipes.map((own) => own[0]!.pipe_id));
  const place = (own: readonly JointRow[]) => {
    const index = first.indexOf(own[0]!.pipe_id);
    return index < 0 ? first.length : index;
  };
  return (
    <>
      <HeldBy />
      <ul className="card mt-4 divide-y divide-rule">
        {pipes
          .toSorted((a, b) => place(a) - place(b))
          .map((own) => (
            <Pipe key={own[0]!.pipe_id} joints={own} />
          ))}
      </ul>
      <Methods methods={methods} />
    </>
  );
}

/** The ways in which these joints are held, with the tool that each needs and what is to be known of it. */
function Methods({ methods }: Pick<PartsDrawing, "methods">) {
  if (methods.length === 0) return null;
  return (
    <section className="card mt-4 px-4 py-3" aria-label="How they are held">
      <h3 className="mb-1 font-[640]">How they are held</h3>
      <ul className="divide-y divide-rule">
        {methods.map((method) => (
          <li key={method.name} className="py-2">
            <p>
              <span className="font-[560]">{method.name}</span>
              {method.tool && <span className="text-[13px] text-ink-2"> Tool: {method.tool}</span>}
            </p>
            <p className="text-[13px] text-ink-2">
              {method.habits} {method.holds}
            </p>
          </li>
        ))}
      </ul>
    </section>
  );
}

const USUAL = "usual";

/** How hoses are held on their barbs, unless a joint says otherwise. */
function HeldBy() {
  const { plan, set, remove } = usePlan();
  const choice = useChoices()["/line/joining"];
  if (!choice || plan.line.pipes.length === 0) return null;
  const options = [{ value: USUAL, text: "as usual for each" }, ...choice.options];
  return (
    <Choice
      label={choice.label}
      value={plan.line.joining ?? USUAL}
      options={options}
      onChange={(next) => {
        if (next !== USUAL) set("/line/joining", next, `hoses: ${options.find((one) => one.value === next)?.text}`);
        else if (plan.line.joining) remove("/line/joining", "#bench button");
      }}
    />
  );
}

/** One pipe, drawn from end to end: a mark for each joint, and a bead for each adapter. */
function Pipe({ joints }: { joints: readonly JointRow[] }) {
  const [open, setOpen] = useState(false);
  const from = joints.find((one) => one.id.endsWith(".from"));
  const to = joints.find((one) => one.id.endsWith(".to"));
  const both = [from, to].filter((one) => one !== undefined);
  const said = both.map((one) => `${one.at} ${one.words}`).join(", ");
  return (
    <li>
      <button
        type="button"
        aria-expanded={open}
        aria-label={`${joints[0]!.pipe}: ${said}`}
        onClick={() => setOpen(!open)}
        className="joint-strip"
      >
        <span className="joint-name text-right">{from?.at ?? "in the water"}</span>
        <span className="flex items-center" aria-hidden>
          <JointMark joint={from} />
          <span className="joint-pipe" />
          <JointMark joint={to} far />
        </span>
        <span className="joint-name">{to?.at ?? "open end"}</span>
      </button>
      {open && (
        <div className="grid gap-x-6 gap-y-3 px-3 pt-1 pb-3 md:grid-cols-2">
          {both.map((joint) => (
            <JointDetail key={joint.id} joint={joint} />
          ))}
        </div>
      )}
    </li>
  );
}

/** In the order of their worst joint, which comes first. */
function byPipe(joints: readonly JointRow[]): JointRow[][] {
  const pipes = new Map<string, JointRow[]>();
  for (const joint of joints) pipes.set(joint.pipe_id, [...(pipes.get(joint.pipe_id) ?? []), joint]);
  return [...pipes.values()];
}
