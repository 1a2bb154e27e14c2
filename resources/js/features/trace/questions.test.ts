import { describe, expect, it } from "vitest";
import { type Asking, begun, filed, tapped } from "./asking";
import { question, stayed } from "./questions";

/** The stage, what is asked, and what a tap on one outlet must conclude of it; what is not tapped was walked past and live. */
const ASKED: [Asking, string, Record<string, unknown>][] = [
  [begun("off", "c5"), "Breaker off: tap what went dead", { kind: "off", circuit: "c5", dead: ["p"], live: ["q"] }],
  [
    { ...begun("trip", "g"), stage: "before" },
    "Tap what is dead before TEST",
    { kind: "trip", at: "g", dead: ["p"], live: ["q"], already_dead: ["p"], back: [] },
  ],
  [
    { ...begun("trip", "g"), stage: "seen" },
    "TEST pressed: tap what went dead",
    { kind: "trip", at: "g", dead: ["p"], live: ["q"], already_dead: [], back: ["p"] },
  ],
  [
    { ...begun("trip", "g"), stage: "back", dead: ["p"] },
    "RESET: tap what is still dead",
    { kind: "trip", at: "g", dead: ["p"], live: ["q"], already_dead: [], back: [] },
  ],
  [
    begun("lift", "b", "a"),
    "Lifted, breaker on: tap what is dead",
    { kind: "lift", point: "b", pair: "a", dead: ["p"], live: ["q"] },
  ],
];

describe("questions of a walk", () => {
  it.each(ASKED)("conclude from a tap what the heading says: %j", (asking, heading, concludes) => {
    expect(question(asking)[0]).toBe(heading);
    expect(filed(tapped(asking, "p"), ["p", "q"])).toEqual(concludes);
  });

  it("say in the heading what a tap means, and never ask what yes or no could answer", () => {
    for (const [asking] of ASKED) {
      expect(question(asking)[0]).toMatch(/tap what (is|went|is still) dead/i);
      expect(question(asking)[0]).not.toContain("?");
    }
  });

  it.each([
    [0, "Nothing else is left"],
    [1, "The other one stayed live"],
    [4, "The other 4 stayed live"],
  ])("end with how many stayed live: %i", (rest, words) => {
    expect(stayed(rest)).toBe(words);
  });
});
