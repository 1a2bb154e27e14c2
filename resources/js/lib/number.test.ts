import { describe, expect, it } from "vitest";
import { numberOf, percent } from "./number";

describe("a number as people write it", () => {
  it.each([
    ["4", 4],
    [" 4.25 ", 4.25],
    ["4,25", 4.25],
    ["0", 0],
    ["", null],
    ["-3", null],
    ["4.", null],
    [".5", null],
    ["1e3", null],
    ["4,2,5", null],
    ["12 V", null],
    ["1234567890", null],
  ])("reads %j as %j", (text, number) => {
    expect(numberOf(text)).toBe(number);
  });

  it("has no more digits before the point than it may", () => {
    expect([numberOf("123456.78", 6), numberOf("1234567", 6)]).toEqual([123456.78, null]);
  });
});

describe("how likely it is", () => {
  it("never says certain of what is not, nor impossible of what may be", () => {
    expect([0, 0.004, 0.0049, 0.5, 0.994, 0.9951, 1].map(percent)).toEqual([
      "0 %",
      "< 1 %",
      "< 1 %",
      "50 %",
      "99 %",
      "> 99 %",
      "100 %",
    ]);
  });
});
