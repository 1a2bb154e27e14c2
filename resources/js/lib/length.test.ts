import { describe, expect, it } from "vitest";
import { parseLength, spokenLength, writtenLength } from "./length";

describe("parseLength", () => {
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
  ])("reads %s", (text, ft) => expect(parseLength(text, "ft")).toBe(ft));

  it.each(["", "ft", "2 6", "six feet", "-2", "2'6'3", "1.2 mm", "NaN", "1e3"])("does not guess at %s", (text) =>
    expect(parseLength(text, "ft")).toBeNull(),
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
    expect(spokenLength(ft, "ft")).toBe(spoken);
    expect(writtenLength(ft, "ft")).toBe(written);
  });

  it("reads back what it wrote, to a quarter inch", () => {
    for (let quarters = 0; quarters < 1000; quarters++) {
      expect(parseLength(writtenLength(quarters / 48, "ft"), "ft")).toBeCloseTo(quarters / 48, 2);
      expect(parseLength(spokenLength(quarters / 48, "ft"), "ft")).toBeCloseTo(quarters / 48, 2);
    }
  });
});

describe("metres", () => {
  it.each([
    ["1.5", 4.921],
    ["1,5 m", 4.921],
    ["150 cm", 4.921],
    ["4'9", 4.75],
  ])("reads %s where metres are shown", (text, ft) => expect(parseLength(text, "m")).toBe(ft));

  it("reads back what it wrote, to a centimetre", () => {
    for (let centimetres = 0; centimetres < 800; centimetres++) {
      const ft = centimetres / 30.48;
      expect(writtenLength(ft, "m")).toBe(`${centimetres / 100} m`);
      expect(parseLength(writtenLength(ft, "m"), "m")).toBeCloseTo(ft, 2);
    }
  });
});
