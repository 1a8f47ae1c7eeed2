import type { Plan } from "../../api/types";

type Unit = Plan["units"]["length"];

const IN_M: Record<Unit, number> = { mm: 0.001, in: 0.0254 };

/** In m, to the tenth of a millimetre. */
export const inMetres = (number: number, unit: Unit): number => Math.round(number * IN_M[unit] * 10_000) / 10_000;

/** Of so many m, to the hundredth. */
export const inUnit = (metres: number, unit: Unit): number => Math.round((metres / IN_M[unit]) * 100) / 100;
