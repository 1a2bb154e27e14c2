import { describe, expect, it } from "vitest";
import { parseFeet, spokenFeet, writtenFeet } from "./feet";

describe("parseFeet", () => {
  it.each([
    ["2'6", 2.5],
    ["2'6\"", 2.5],
    ["2′6″", 2.5],
    ["2' 6 in", 2.5],
    ["2 ft 6 in", 2.5],
    ["2ft6", 2.5],
    ["6'", 6],
    ["6 feet", 6],
    ["2.5", 2.5],
    ["2,5", 2.5],
    ["30 in", 2.5],
    ['30"', 2.5],
    ["1.2 m", 3.937],
    ["120cm", 3.937],
    [" 0 ", 0],
  ])("reads %s", (text, ft) => expect(parseFeet(text)).toBe(ft));

  it.each(["", "ft", "2 6", "six feet", "-2", "2'6'3", "1.2 mm", "NaN", "1e3"])("does not guess at %s", (text) =>
    expect(parseFeet(text)).toBeNull(),
  );
});

describe("writing lengths", () => {
  it.each([
    [2.5, "2 ft 6 in", "2′6″"],
    [6, "6 ft", "6′"],
    [0.5, "6 in", "0′6″"],
    [5.999, "6 ft", "6′"],
    [4.75, "4 ft 9 in", "4′9″"],
  ])("%d", (ft, spoken, written) => {
    expect(spokenFeet(ft)).toBe(spoken);
    expect(writtenFeet(ft)).toBe(written);
  });

  it("reads back what it wrote, to a quarter inch", () => {
    for (let quarters = 0; quarters < 1000; quarters++) {
      expect(parseFeet(writtenFeet(quarters / 48))).toBeCloseTo(quarters / 48, 2);
      expect(parseFeet(spokenFeet(quarters / 48))).toBeCloseTo(quarters / 48, 2);
    }
  });
});
