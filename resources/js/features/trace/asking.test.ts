import { describe, expect, it } from "vitest";
import { begun, filed, tapped } from "./asking";

describe("what was seen on a walk", () => {
  it("is filed with what was dead before and what came back", () => {
    let asking = tapped(begun("trip", "g"), "old");
    asking = tapped(tapped({ ...asking, stage: "seen" }, "a"), "b");
    asking = tapped({ ...asking, stage: "back" }, "b");
    expect(filed(asking, ["g", "a", "b", "c", "old"])).toEqual({
      kind: "trip",
      at: "g",
      dead: ["a", "b", "old"],
      live: ["c"],
      already_dead: ["old"],
      back: ["a"],
    });
  });

  it("says nothing of outlets that were not walked past", () => {
    expect(filed(tapped(begun("off", "c1"), "a"), [])).toEqual({ kind: "off", circuit: "c1", dead: ["a"], live: [] });
  });

  it("says nothing of an outlet that was not checked, whatever was tapped there before", () => {
    const asking = tapped(tapped(tapped(begun("off", "c1"), "a"), "a", true), "b", true);
    expect(asking).toMatchObject({ dead: [], skipped: ["a", "b"] });
    expect(filed(asking, ["a", "b", "c"])).toEqual({ kind: "off", circuit: "c1", dead: [], live: ["c"] });
    expect(tapped(asking, "a")).toMatchObject({ dead: ["a"], skipped: ["b"] });
    expect(tapped(asking, "b", true).skipped).toEqual(["a"]);
  });

  it("takes a tap back", () => {
    expect(tapped(tapped(begun("off", "c1"), "a"), "a").dead).toEqual([]);
    expect(filed(begun("lift", "p", "b"), ["p", "q"])).toEqual({
      kind: "lift",
      point: "p",
      pair: "b",
      dead: [],
      live: ["p", "q"],
    });
  });
});
