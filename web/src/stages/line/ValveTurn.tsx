import type { LineElement, LineScene } from "../../api/types";
import { Choice } from "../../fields/Choice";
import type { Turned } from "./useTurned";

type Props = { valve: LineElement; turned: Turned; scene: LineScene | undefined };

/** Opens and shuts a valve, and shows at once what flows then, here and in the drawing. Nothing of it is in the plan. */
export function ValveTurn({ valve, turned, scene }: Props) {
  const stands = turned.line?.valves.find((one) => one.id === valve.owner)?.position;
  const usual = valve.positions.find((one) => one.usual)?.value ?? null;
  const isTurned = Object.keys(turned.positions).length > 0;
  return (
    <div className="mt-3">
      <Choice
        label="Turn it and see"
        value={turned.positions[valve.owner] ?? stands ?? usual}
        options={valve.positions}
        onChange={(position) => turned.turn(valve.owner, position)}
      />
      {isTurned && (
        <div role="status" className="mt-1 text-[13px]">
          <ul>
            {turned.line &&
              scene?.taps.map((tap) => (
                <li key={tap.outlet}>
                  {tap.name}: <b className={tap.enough ? "" : "text-rust"}>{tap.text}</b>
                </li>
              ))}
          </ul>
          <p className="text-ink-2">This is only a trial: the plan does not change.</p>
        </div>
      )}
    </div>
  );
}
