import { describe, expect, it } from "vitest";
import type { Plan } from "../api/types";
import { fileName } from "./givePlanFile";

describe("the name of a plan file", () => {
  it.each([
    ["Fellside", "Fellside.yardcask.json"],
    ["A/B\\C: “two”?", "A-B-C- “two”-.yardcask.json"],
    ["\u202Etxt.exe\u0007", "txt.exe.yardcask.json"],
    ["\u200F", "plan.yardcask.json"],
    ["Żółw 小舟", "Żółw 小舟.yardcask.json"],
  ])("%s", (name, file) => {
    expect(fileName({ name } as Plan)).toBe(file);
  });
});
