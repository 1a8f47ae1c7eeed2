import { describe, expect, it } from "vitest";
import { allReadings, readingAt } from "./readingAt";

const assessment = {
  fields: [
    { label: "Length, along", symbol: "mm", group: "", optional: false, stage: "tanks" },
    { label: "How full it travels", symbol: "%", group: "", optional: true, stage: "load" },
  ],
  readings: {
    "/tanks/0/length_mm": { text: "900", field: 0 },
    "/tanks/0/travel_fill": { text: "", field: 1 },
    "/tanks/1/length_mm": { text: "400", field: 0 },
  },
};

describe("what is said beside a measured field", () => {
  it("is joined to what stands in it", () => {
    expect(readingAt(assessment, "/tanks/1/length_mm")).toEqual({
      label: "Length, along",
      symbol: "mm",
      group: "",
      optional: false,
      stage: "tanks",
      text: "400",
    });
    expect(readingAt(assessment, "/tanks/0/travel_fill")).toMatchObject({ text: "", optional: true, stage: "load" });
  });

  it("is nothing where nothing measured stands", () => {
    expect(readingAt(assessment, "/tanks/0/name")).toBeUndefined();
    expect(readingAt({ ...assessment, fields: [] }, "/tanks/0/length_mm")).toBeUndefined();
  });

  it("keeps the order in which the core declares the fields", () => {
    expect(allReadings(assessment).map(([pointer, { text }]) => [pointer, text])).toEqual([
      ["/tanks/0/length_mm", "900"],
      ["/tanks/0/travel_fill", ""],
      ["/tanks/1/length_mm", "400"],
    ]);
    expect(allReadings({ fields: [], readings: {} })).toEqual([]);
  });
});
