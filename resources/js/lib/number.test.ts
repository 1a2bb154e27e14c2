import { describe, expect, it } from "vitest";
import { numberOf } from "./number";

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
