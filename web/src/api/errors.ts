import type { Problem } from "./types";

/** The server could not be reached, is only just starting, or has no room. What was asked for can be asked again. */
export class Away extends Error {
  constructor(
    message: string,
    /** What that means for what is being typed. */
    readonly kept = "Server away. Your edits are in this browser and are sent when it is back.",
  ) {
    super(message);
  }
}

/** The server refused, and said why. */
export class Refused extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }
}
