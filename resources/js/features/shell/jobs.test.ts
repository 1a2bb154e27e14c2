import { describe, expect, it } from "vitest";
import { matching } from "@/features/palette/Palette";
import { page } from "@/testing/server";
import type { ConcernShown, JudgedPage, Room, Verdict } from "@/types/pages";
import { jobsOf } from "./jobs";

const outlet = (traced: boolean, gfci: Verdict = "not_asked") => ({
  traced,
  gfci: { verdict: gfci },
  afci: { verdict: "met" },
});
const room = (outlets: ReturnType<typeof outlet>[], ghosts = 0) =>
  ({ outlets, ghosts: Array(ghosts).fill({}) }) as unknown as Room;
const concern = (urgency: ConcernShown["urgency"]) => ({ urgency }) as ConcernShown;
const open = (more: Partial<JudgedPage>) =>
  Object.fromEntries(jobsOf({ ...page(1), ...more }).map((line) => [line.job, line.open]));

describe("the jobs", () => {
  it("stand in their order, and nothing is done that was not begun", () => {
    expect(jobsOf(page(1)).map((line) => line.name)).toEqual([
      "Call",
      "Survey",
      "Trace",
      "Trips",
      "Decide",
      "Prove",
      "Keep",
    ]);
    expect(open({})).toEqual({
      call: "none open",
      survey: "not begun",
      trace: "not begun",
      trips: "no call",
      decide: "not begun",
      prove: "nothing touched",
      keep: "nothing left open",
    });
    expect(open({ rooms: [room([], 4)] }).survey).toBe("not begun");
  });

  it("say what is open in each: what hurts before what is asked, and how far the survey is", () => {
    const rooms = [room([outlet(true), outlet(false)], 3)];
    expect(open({ rooms, concerns: [concern("danger"), concern("asked")] })).toMatchObject({
      survey: "2 of 5, 1 can hurt",
      trace: "1 not traced",
    });
    expect(open({ rooms: [room([outlet(true)])], concerns: [concern("asked")] })).toMatchObject({
      survey: "1 asked",
      trace: "all traced",
    });
    expect(open({ rooms: [room([outlet(true)])], concerns: [concern("advice")] }).survey).toBe("nothing asked");
  });

  it("say how far the work is proved: what failed before what is to be seen", () => {
    expect(open({ proving: { left: 3, failed: 0, of: 9 } }).prove).toBe("3 to see");
    expect(open({ proving: { left: 3, failed: 1, of: 9 } }).prove).toBe("1 not as it should be");
    expect(open({ proving: { left: 0, failed: 0, of: 9 } }).prove).toBe("all proved");
    const item = (closedAt: string | null) => ({ closedAt }) as JudgedPage["items"][number];
    expect(open({ items: [item(null), item("2026-03-02")] }).keep).toBe("1 left open");
  });

  it("say how many are to be protected: missing and advised, not what is met or not asked", () => {
    const rooms = [room([outlet(true, "missing"), outlet(true), outlet(false, "advised")])];
    expect(open({ rooms }).decide).toBe("2 to protect");
    expect(open({ rooms: [room([outlet(true), outlet(true, "met")])] }).decide).toBe("nothing wanted");
  });
});

describe("what the palette finds", () => {
  it("has every word that was typed in it, a code before a word in the middle", () => {
    expect(matching("K1-04 Stove side counter", "k1-04")).toBe(1);
    expect(matching("K1-04 Stove side counter", "counter k1")).toBe(0.5);
    expect(matching("K1-04 Stove side counter", "k1-05")).toBe(0);
    expect(matching("B1-02 Fan", "k1-07", ["K1-07"])).toBe(1);
  });
});
