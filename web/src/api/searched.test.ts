import { describe, expect, it } from "vitest";
import { CutOff, type Progress, searched } from "./searched";

/** A stream that comes in these pieces, however the lines fall. */
function stream(...pieces: string[]): ReadableStream<Uint8Array> {
  const bytes = pieces.map((piece) => new TextEncoder().encode(piece));
  return new ReadableStream({
    start(controller) {
      for (const piece of bytes) controller.enqueue(piece);
      controller.close();
    },
  });
}

const BEGUN = '{"done":1,"of":9}\n';
const ENDED = '{"found":["a – b"],"stopped":null}\n';

describe("searched", () => {
  it.each([
    ["whole lines", [BEGUN, ENDED]],
    ["all at once", [BEGUN + ENDED]],
    ["broken within a line", [BEGUN.slice(0, 5), BEGUN.slice(5) + ENDED.slice(0, 9), ENDED.slice(9)]],
  ])("reads %s", async (_, pieces) => {
    const heard: Progress[] = [];
    expect(await searched(stream(...pieces), (progress) => heard.push(progress))).toEqual({
      found: ["a – b"],
      stopped: null,
    });
    expect(heard).toEqual([{ done: 1, of: 9 }]);
  });

  it.each([
    ["before its last line", stream(BEGUN)],
    ["within its last line", stream(BEGUN, ENDED.slice(0, -1))],
    ["before anything", stream()],
    ["without a body", null],
  ])("says that it was cut off %s", async (_, cut) => {
    await expect(searched(cut)).rejects.toBeInstanceOf(CutOff);
  });

  it("tells whoever ended it just that", async () => {
    const ended = new ReadableStream<Uint8Array>({
      pull: (controller) => controller.error(new DOMException("ended", "AbortError")),
    });
    await expect(searched(ended)).rejects.toHaveProperty("name", "AbortError");
  });
});
