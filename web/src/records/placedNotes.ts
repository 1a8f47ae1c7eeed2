import type { NewRecord } from "../api/types";

/** A place on a drawing, in the axes of the rig. */
export type Place = NonNullable<NonNullable<NewRecord["note"]>["place"]>;
type Axis = keyof Place;

/** An axis of the rig, and how its metres become pixels. */
export type Onto = readonly [Axis, (m: number) => number];

/** To a centimetre. */
const round = (m: number) => Math.round(m * 100) / 100;

/** Where a place is in a view; null where that does not show both of its axes. */
export function inView(place: Place | undefined, [right, x]: Onto, [up, y]: Onto): { x: number; y: number } | null {
  const [along, high] = [place?.[right], place?.[up]];
  return along === undefined || high === undefined ? null : { x: x(along), y: y(high) };
}

/** Which place of the rig a pixel of a view is. */
export function placeAt(px: { x: number; y: number }, [right, x]: Onto, [up, y]: Onto): Place {
  const back = (pixel: number, onto: (m: number) => number) => round((pixel - onto(0)) / (onto(1) - onto(0)));
  return { [right]: back(px.x, x), [up]: back(px.y, y) };
}
