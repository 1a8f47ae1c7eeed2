import { Away, Refused } from "./errors";

/** What the server said against it, or that it is away; any other error is thrown on. */
export function whyNot(error: unknown): readonly string[] {
  if (error instanceof Refused) {
    const each = error.problem.violations?.map((one) => one.message) ?? [];
    return each.length > 0 ? each : [error.message];
  }
  if (error instanceof Away) return [error.message];
  throw error;
}
