import type { ReactNode } from "react";
import { Hatch } from "../../drawing/BaysFrom";
import { FocusedSize } from "../../drawing/FocusedSize";
import { RigEnd } from "../../drawing/RigEnd";
import { RigPlan } from "../../drawing/RigPlan";
import { RigSide } from "../../drawing/RigSide";
import { span } from "../../drawing/scale";
import { useWidth } from "../../drawing/useWidth";
import { usePlan } from "../../plan/state/PlanContext";
import { NotesOnPlaces, type View } from "../../records/NotesOnPlaces";

const [MARGIN, GAP] = [26, 22];
const WIDE = 700;
const MAX_PER_M = 110;

type Props = { selected: string | null; onSelect: (id: string) => void; onOpen: (id: string) => void };

/** The rig with its tanks and bays from its left, from behind and from above, all to one scale; one below the other in the hand. */
export function TankViews({ selected, onSelect, onOpen }: Props) {
  const { plan } = usePlan();
  const [ref, width] = useWidth<HTMLDivElement>(860);
  const rig = plan.load.rig;
  const { from, to } = span(rig);
  const wide = width > WIDE;
  const lengths = wide ? 2 : 1;
  const spare = wide ? 4 * MARGIN + 2 * GAP : 2 * MARGIN;
  const perM = Math.min(MAX_PER_M, (width - spare) / (lengths * (to - from) + (wide ? rig.width_m : 0)));
  const [long, across, high] = [(to - from) * perM, rig.width_m * perM, rig.height_m * perM];
  const left = wide ? MARGIN + 8 : (width - long) / 2;
  const ground = high + 10;
  const scale = { perM, x: (m: number) => left + (m - from) * perM };
  const planAt = wide
    ? { x: left + long + GAP + across + GAP + MARGIN, top: (high - across) / 2 + 16 }
    : { x: left, top: ground + 36 };
  const above = { perM, x: (m: number) => planAt.x + (m - from) * perM };
  const endMiddle = wide ? left + long + GAP + across / 2 : width / 2;
  const endGround = wide ? ground : planAt.top + across + 24 + high;
  const height = wide ? Math.max(ground, planAt.top + across) + 12 : endGround + 10;
  const choosing = { selected, onSelect, onOpen };
  const down = (bottom: number) => (m: number) => bottom - m * perM;
  const views: View[] = [
    {
      view: "from its left",
      right: ["x_m", scale.x],
      up: ["z_m", down(ground)],
      box: { left, top: ground - high, width: long, height: high },
    },
    {
      view: "from behind",
      right: ["y_m", (m) => endMiddle + m * perM],
      up: ["z_m", down(endGround)],
      box: { left: endMiddle - across / 2, top: endGround - high, width: across, height: high },
    },
    {
      view: "from above",
      right: ["x_m", above.x],
      up: ["y_m", (m) => planAt.top + across / 2 + m * perM],
      box: { left: planAt.x, top: planAt.top, width: long, height: across },
    },
  ];
  const drawing = (pins: ReactNode) => (
    <div ref={ref}>
      <svg
        width={width}
        height={height}
        role="group"
        aria-label="The tanks in the rig, from its left, from behind and from above, to scale"
      >
        <Hatch />
        <RigSide scale={scale} ground={ground} loads={false} bays {...choosing} />
        <RigEnd perM={perM} middle={endMiddle} ground={endGround} bays {...choosing} />
        <RigPlan scale={above} middle={planAt.top + across / 2} loads={false} bays {...choosing} />
        <FocusedSize right={["x", scale.x]} up={down(ground)} showsHeight />
        <FocusedSize right={["y", (m) => endMiddle + m * perM]} up={down(endGround)} />
        {pins}
      </svg>
    </div>
  );
  return <NotesOnPlaces views={views} drawing={drawing} />;
}
