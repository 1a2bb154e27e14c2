import { describe, expect, it } from "vitest";
import type { FindingShown, Judged, JudgedPage, Outlet } from "@/types/pages";
import { count, gather, merged } from "./gather";

const fine: Judged = {
  verdict: "met",
  verdictName: "met",
  demands: [],
  exemptions: [],
  guards: [],
  objections: [],
  hazard: "shock",
  hazardName: "shock",
  whyNot: null,
};

const lacking = (verdict: "missing" | "advised", clause: string): Judged => ({
  ...fine,
  verdict,
  verdictName: verdict,
  demands: [{ clause, reason: "Why.", fact: "A fact.", amended: null }],
});

const finding = (id: string, severity: FindingShown["severity"], more: Partial<FindingShown> = {}): FindingShown => ({
  id,
  severity,
  hazard: "none",
  hazardName: "none",
  clause: null,
  why: `${id} here.`,
  circuit: null,
  area: null,
  points: [],
  ...more,
});

const outlet = (code: string, more: Partial<Outlet> = {}): Outlet =>
  ({
    id: code.toLowerCase(),
    code,
    circuit: "7 Left",
    gfci: fine,
    afci: fine,
    findings: [],
    ...more,
  }) as unknown as Outlet;

const house = (outlets: Outlet[], findings: FindingShown[] = []): JudgedPage =>
  ({ rooms: [{ id: "k", code: "K1", name: "Kitchen", outlets }], findings }) as unknown as JudgedPage;

describe("what was found in a house", () => {
  it("says gaps in protection as findings, an error where work is done and advice where nothing is touched", () => {
    const found = gather(
      house([
        outlet("K1-01", { gfci: lacking("missing", "210.8(A)(6)") }),
        outlet("K1-02", { afci: lacking("advised", "210.12(B)") }),
        outlet("K1-03"),
      ]),
    );
    expect(found.map((one) => [one.id, one.severity, one.clause])).toEqual([
      ["gfci_missing", "error", "210.8(A)(6)"],
      ["afci_advised", "advice", "210.12(B)"],
    ]);
    expect(found[0]?.room).toBe("K1 Kitchen");
    expect(found[0]?.run).toBe("7 Left");
  });

  it("says nothing of what is met or not asked", () => {
    expect(gather(house([outlet("K1-01"), outlet("K1-02", { gfci: { ...fine, verdict: "not_asked" } })]))).toEqual([]);
  });

  it("puts findings about a circuit or room with the first outlet they name", () => {
    const [found] = gather(
      house(
        [outlet("K1-01"), outlet("K1-02", { circuit: "9 Right" })],
        [finding("room_partly_protected", "warning", { area: "k", points: ["k1-02", "k1-01"] })],
      ),
    );
    expect(found?.outlets.map((one) => one.code)).toEqual(["K1-01", "K1-02"]);
    expect(found?.room).toBe("K1 Kitchen");
  });

  it("keeps a finding that names no outlet of the house", () => {
    const [found] = gather(house([], [finding("leakage_over_budget", "warning", { circuit: "c8" })]));
    expect(found).toMatchObject({ outlets: [], room: null, run: null });
  });

  it("merges what several outlets lack alike, by clause, and nothing else", () => {
    const lines = merged(
      gather(
        house([
          outlet("K1-01", { gfci: lacking("missing", "210.8(A)(6)"), findings: [finding("tub_zone", "error")] }),
          outlet("K1-02", {
            gfci: lacking("missing", "210.8(A)(6)"),
            findings: [finding("tub_zone", "error", { why: "There." })],
          }),
          outlet("K1-03", { gfci: lacking("missing", "210.8(A)(8)") }),
        ]),
      ),
    );
    expect(lines.map((line) => [line.why, line.outlets.map((one) => one.code).join(" ")])).toEqual([
      ["No GFCI protection.", "K1-01 K1-02"],
      ["tub_zone here.", "K1-01"],
      ["There.", "K1-02"],
      ["No GFCI protection. A fact.", "K1-03"],
    ]);
  });

  it("tells what is missing from what nobody has recorded", () => {
    const lines = merged(
      gather(
        house([
          outlet("K1-01", { findings: [finding("not_tr", "error", { why: "K1-01 is not." })] }),
          outlet("K1-02", { findings: [finding("not_tr", "error", { why: "K1-02 is not." })] }),
          outlet("K1-03", { findings: [finding("not_tr", "advice", { why: "K1-03?" })] }),
          outlet("K1-04", { findings: [finding("not_tr", "advice", { why: "K1-04?" })] }),
        ]),
      ),
    );
    expect(lines.map((line) => line.why)).toEqual([
      "Not tamper-resistant.",
      "Tamper-resistant or not: nobody has recorded.",
    ]);
  });

  it("counts by severity", () => {
    const all = [finding("a", "error"), finding("b", "warning"), finding("c", "warning"), finding("d", "advice")];
    expect(count(all, ["error"])).toBe(1);
    expect(count(all, ["error", "warning"])).toBe(3);
  });
});
