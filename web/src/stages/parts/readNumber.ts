/** A number as it is written, with a point or a comma; null where it is none. */
export const readNumber = (text: string): number | null =>
  /^\d{1,7}([.,]\d{1,3})?$/.test(text.trim()) ? Number(text.trim().replace(",", ".")) : null;
