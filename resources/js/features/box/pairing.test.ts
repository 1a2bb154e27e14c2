import { describe, expect, it } from "vitest";
import { paired, spoken } from "./pairing";

describe("pairing by test", () => {
  it("gives the last hot the last neutral without a test", () => {
    expect(paired([null, null], 0, 1)).toEqual([1, 0]);
    expect(paired(paired([null, null, null], 2, 0), 0, 2)).toEqual([2, 1, 0]);
    expect(paired([null, null, null], 1, 1)).toEqual([null, 1, null]);
  });

  it("lets a neutral belong to one hot alone", () => {
    const told = paired([1, 0, 2], 0, 0);
    expect(told[0]).toBe(0);
    expect(new Set(told.filter((one) => one !== null)).size).toBe(told.filter((one) => one !== null).length);
  });

  it("is written down in words", () => {
    expect(spoken([1, 0])).toBe("Paired by test: hot 1 with neutral 2, hot 2 with neutral 1.");
  });
});
