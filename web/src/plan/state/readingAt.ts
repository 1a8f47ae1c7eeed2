import type { FieldWords, Readings } from "../../api/types";

/** A measured field as it is now in its input, with what is said beside it. */
export type SaidReading = FieldWords & { text: string };

export function readingAt({ readings, fields }: Readings, pointer: string): SaidReading | undefined {
  const reading = readings[pointer];
  const words = reading && fields[reading.field];
  return words && { ...words, text: reading.text };
}

/** Every measured field by its place, in the order in which the core declares them. */
export const allReadings = (of: Readings): [string, SaidReading][] =>
  Object.keys(of.readings).flatMap((pointer): [string, SaidReading][] => {
    const reading = readingAt(of, pointer);
    return reading ? [[pointer, reading]] : [];
  });
