import { describe, expect, it } from "vitest";
import { between, hours, isSame } from "./chosen";

describe("what is decided, as it is said", () => {
  it("says minutes as a job does", () => {
    expect([5, 59.6, 60, 130, 601].map(hours)).toEqual(["5 min", "1 h 00", "1 h 00", "2 h 10", "10 h 01"]);
  });

  it("knows one plan between others by its cost and its walks", () => {
    const plan = { cost: 1081.25, minutes: 1, minutesAtPanel: 0, boxes: 1, walks: 15, spareMa: 2.6, chance: 0 };
    expect(isSame(between(plan), { strategy: "fewest", cost: 1081.25, walks: 15 })).toBe(true);
    expect(isSame(between(plan), { strategy: "fewest" })).toBe(false);
    expect(isSame({ draft: "a" }, { draft: "b" })).toBe(false);
  });
});
