import { describe, expect, it } from "vitest";
import { logAxis, path, sumWithout } from "./plot";

describe("the plots", () => {
  it("stand ten times as far for every ten times as much", () => {
    const x = logAxis(1, 1000, 0, 300);
    expect([1, 10, 100, 1000].map(x).map(Math.round)).toEqual([0, 100, 200, 300]);
    expect(x(5000)).toBe(300);
    expect(x(0.1)).toBe(0);
  });

  it("draw a line through their points", () => {
    expect(
      path([
        { x: 0, y: 1 },
        { x: 2.25, y: 3 },
      ]),
    ).toBe("M0.0 1.0L2.3 3.0");
  });

  it("add at right angles, and leave one out", () => {
    const parts = [
      { id: "a", resistiveMa: 3, capacitiveMa: 0 },
      { id: "b", resistiveMa: 0, capacitiveMa: 4 },
      { id: "c", resistiveMa: 1, capacitiveMa: 1 },
    ];
    expect(sumWithout(parts, "c")).toBe(5);
    expect(sumWithout(parts, "b")).toBeCloseTo(Math.hypot(4, 1));
  });
});
