import { describe, expect, it } from "vitest";
import type { Run, RunNode, RunsPage, TracedOutlet } from "@/types/pages";
import { type Home, layOutRuns } from "./layout";

const node = (id: string, children: RunNode[] = [], more: Partial<RunNode> = {}): RunNode => ({
  id,
  certain: true,
  leaves: null,
  cable: { id: `w${id}`, ft: 10, awg: 12 },
  wiring: "right",
  children,
  ...more,
});

const run = (id: string, runs: RunNode[], more: Partial<Run> = {}): Run => ({
  id,
  slot: id,
  label: `Circuit ${id}`,
  amps: 20,
  panel: "Main",
  breaker: "standard",
  gfci: false,
  leakage: null,
  hasTest: false,
  shared: null,
  runs,
  loose: [],
  ...more,
});

const outlet = (id: string, more: Partial<TracedOutlet> = {}): TracedOutlet => ({
  id,
  circuit: "c",
  isLight: false,
  certain: true,
  hasTest: false,
  protects: false,
  leakage: null,
  protectedBy: [],
  nested: false,
  handsOn: { allowed: false, why: "" },
  pairs: null,
  ...more,
});

const sheet = (circuits: Run[], outlets: TracedOutlet[] = [], unplaced: string[] = []): RunsPage => ({
  circuits,
  unplaced,
  outlets: Object.fromEntries(outlets.map((one) => [one.id, one])),
  facts: [],
  conflicts: [],
  next: null,
  resolved: false,
  unknown: 0,
  keep: [],
});

/** A tree of so many outlets, the same for the same seed. */
function randomTree(count: number, seed: number): RunNode {
  let state = seed;
  const random = (below: number) => {
    state = (state * 1103515245 + 12345) % 2147483648;
    return state % below;
  };
  const all = [node("n0")];
  for (let n = 1; n < count; n++) {
    const child = node(`n${n}`);
    all[random(all.length)]?.children.push(child);
    all.push(child);
  }
  return all[0] as RunNode;
}

const homes = (ids: string[]) =>
  new Map(ids.map((id): [string, Home] => [id, { code: id, room: "Kitchen", roomCode: "K1" }]));

describe("the runs drawing", () => {
  it("gives every outlet a place of its own, right of what feeds it", () => {
    for (let seed = 1; seed <= 60; seed++) {
      const tree = randomTree(2 + (seed % 25), seed);
      const { runs } = layOutRuns(sheet([run("c", [tree])]), new Map(), 800, "all", "ft");
      const at = new Map(runs[0]?.spots.map((spot) => [spot.id, spot]));
      expect(at.size).toBe(2 + (seed % 25));
      expect(new Set([...at.values()].map((spot) => `${spot.x} ${spot.y}`)).size).toBe(at.size);
      const check = (parent: RunNode) => {
        for (const child of parent.children) {
          expect(at.get(child.id)?.x).toBeGreaterThan(at.get(parent.id)?.x ?? 0);
          check(child);
        }
      };
      check(tree);
    }
  });

  it("never leads the way down to a branch through another outlet", () => {
    for (let seed = 1; seed <= 60; seed++) {
      const { runs } = layOutRuns(sheet([run("c", [randomTree(20, seed)])]), new Map(), 800, "all", "ft");
      for (const line of runs[0]?.lines ?? []) {
        const [, x, from, to] = /^M([\d.]+) ([\d.]+)V([\d.]+)H/.exec(line.d)?.map(Number) ?? [];
        if (x === undefined || from === undefined || to === undefined) continue;
        const between = runs[0]?.spots.filter((spot) => spot.x === x && spot.y > from && spot.y <= to) ?? [];
        expect(between).toEqual([]);
      }
    }
  });

  it("encloses what is protected from the LOAD side of its device, and leaves out what is spliced past it", () => {
    const tree = node("g", [node("past", [], { leaves: "line" }), node("a", [node("b")], { leaves: "load" })]);
    const outlets = [
      outlet("g", { protects: true }),
      outlet("a", { protectedBy: ["g"] }),
      outlet("b", { protectedBy: ["g"] }),
      outlet("past"),
    ];
    const drawn = layOutRuns(sheet([run("c", [tree])], outlets), new Map(), 800, "all", "ft").runs[0];
    expect(drawn?.stretches).toHaveLength(1);
    const at = (id: string) => drawn?.spots.find((spot) => spot.id === id);
    expect(at("a")?.y).toBe(at("g")?.y);
    expect(drawn?.stretches[0]?.d).toContain(`H${at("b")?.x}`);
    expect(drawn?.stretches[0]?.d).not.toContain(`V${at("past")?.y}`);
    expect(drawn?.lines.find((line) => line.key === "past")).toMatchObject({ past: true, text: "spliced past" });
  });

  it("brackets the stretches that lie in one room, and sets two short circuits side by side", () => {
    const { runs } = layOutRuns(
      sheet([run("c", [node("a", [node("b")])]), run("d", [node("e")]), run("f", [])]),
      homes(["a", "b", "e"]),
      900,
      "all",
      "ft",
    );
    expect(runs[0]?.brackets.map((one) => one.text)).toEqual(["Kitchen"]);
    expect(runs[1]?.y).toBe(runs[0]?.y);
    expect(runs[1]?.x).toBeGreaterThan(400);
    expect(runs[2]?.notes[0]?.text).toBe("nothing is known on it");
  });

  it("says what is only guessed, and where a light goes dark with a device", () => {
    const drawn = layOutRuns(
      sheet(
        [run("c", [node("g", [node("l", [], { leaves: "load", certain: false })])], { loose: ["x"] })],
        [outlet("g", { protects: true }), outlet("l", { isLight: true, protectedBy: ["g"] }), outlet("x")],
      ),
      new Map(),
      800,
      "all",
      "ft",
    ).runs[0];
    expect(drawn?.lines.find((line) => line.key === "l")?.certain).toBe(false);
    expect(drawn?.spots.find((spot) => spot.id === "l")?.wrong).toBe("dark on a trip");
    expect(drawn?.notes.map((note) => note.text)).toEqual(["order guessed", "order not known"]);
  });

  it("says what watches a neutral that two circuits share, and draws it", () => {
    const said = (by: "two_pole" | "one_pole" | "plain") =>
      layOutRuns(
        sheet([run("c", [node("a")], { shared: { with: "7", by } })], [outlet("a")]),
        new Map(),
        800,
        "all",
        "ft",
      ).runs[0];
    expect(said("two_pole")?.notes[0]?.text).toBe("one two-pole breaker with 7, neutral shared");
    expect(said("one_pole")?.notes[0]).toMatchObject({ text: "one pole on a neutral shared with 7", tone: "bare" });
    expect(said("plain")?.lines.map((line) => line.key)).toContain("neutral");
  });

  it("closed, stands every outlet on the line of its breaker, apart from the others, and the whole house on one screen", () => {
    for (let seed = 1; seed <= 60; seed++) {
      const count = 2 + (seed % 22);
      const trees = Array.from({ length: 12 }, (_, at) => run(`c${at}`, [randomTree(count, seed + at)]));
      const drawing = layOutRuns(sheet(trees), new Map(), 790, new Set(), "ft");
      for (const { spots, width } of drawing.runs) {
        expect(spots).toHaveLength(count);
        expect(width).toBeLessThanOrEqual(790);
        const apart = spots.flatMap((one) =>
          spots.filter((other) => one !== other && one.y === other.y).map((other) => Math.abs(one.x - other.x)),
        );
        expect(Math.min(Number.POSITIVE_INFINITY, ...apart)).toBeGreaterThanOrEqual(27);
      }
      if (count <= 18) expect(drawing.height).toBeLessThanOrEqual(12 * 50);
    }
  });

  it("opens only what is asked for", () => {
    const drawing = layOutRuns(
      sheet([run("c", [node("a")]), run("d", [node("b")])]),
      new Map(),
      800,
      new Set(["d"]),
      "ft",
    );
    expect(drawing.runs.map((one) => one.opened)).toEqual([false, true]);
    expect(drawing.runs[0]?.lines.every((line) => line.text === null)).toBe(true);
    expect(drawing.runs[1]?.lines[0]?.text).toBe("10 ft, 12 AWG");
  });
});
