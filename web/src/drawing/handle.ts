/** What a finger hits, in pixels. */
const LEAST = 34;

/** An unseen rectangle around something small, large enough to be taken hold of. */
export function handle(x: number, y: number, width: number, height: number) {
  const [w, h] = [Math.max(width, LEAST), Math.max(height, LEAST)];
  return {
    x: x - (w - width) / 2,
    y: y - (h - height) / 2,
    width: w,
    height: h,
    fill: "transparent",
    stroke: "none",
  };
}
