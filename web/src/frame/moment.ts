/** A time as people say it. */
export const moment = (at: string): string =>
  new Date(at).toLocaleString("en-GB", { dateStyle: "medium", timeStyle: "short" });
