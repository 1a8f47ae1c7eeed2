import type { Tank } from "../api/types";
import { rowMm } from "./place";

type Props = {
  tank: Tank;
  from: "side" | "behind" | "above";
  /** Pixels of the tank’s outside in this view; its left is the tank’s front, or its left side. */
  left: number;
  top: number;
  width: number;
  height: number;
};

/** The notch over a wheel arch in a view of its tank; dashed where some of the tank stands before it. */
export function ArchRect({ tank, from, left, top, width, height }: Props) {
  const { arch } = tank;
  if (!arch || tank.shape !== "wheel_arch") return null;
  const [acrossMm, upMm] =
    from === "behind"
      ? [tank.width_mm, tank.height_mm]
      : [rowMm(tank), from === "side" ? tank.height_mm : tank.width_mm];
  const [perX, perY] = [width / acrossMm, height / upMm];
  const [atMm, wideMm] = from === "behind" ? [arch.y_mm, arch.width_mm] : [arch.x_mm, arch.length_mm];
  const box =
    from === "above"
      ? { y: top + arch.y_mm * perY, height: arch.width_mm * perY }
      : { y: top + height - arch.height_mm * perY, height: arch.height_mm * perY };
  const before = {
    side: arch.y_mm > 0,
    behind: arch.x_mm + arch.length_mm < tank.length_mm,
    above: true,
  }[from];
  return (
    <rect
      x={left + atMm * perX}
      width={wideMm * perX}
      {...box}
      className={before ? "fill-none stroke-ink" : "fill-ground stroke-ink"}
      strokeWidth="1.2"
      {...(before && { strokeDasharray: "4 3" })}
    />
  );
}
