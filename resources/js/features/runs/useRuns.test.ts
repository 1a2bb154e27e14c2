// @vitest-environment happy-dom
import { act, renderHook, waitFor } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { head, inHand, page, server } from "@/testing/server";
import type { RunsPage } from "@/types/pages";
import { useRuns } from "./useRuns";

const runs = (unknown: number): RunsPage => ({
  circuits: [],
  unplaced: [],
  outlets: {},
  facts: [],
  conflicts: [],
  next: null,
  resolved: false,
  unknown,
  keep: [],
});

describe("the runs in hand", () => {
  it("are fetched once they are wanted, and again when the house has changed", async () => {
    const asked = server(() => ({ body: { revision: 1 + asked.length, runs: runs(asked.length) } }));
    const { house } = inHand(page(2));
    const { result, rerender } = renderHook(({ at, wanted }) => useRuns({ ...house, version: `${at}.0` }, wanted), {
      initialProps: { at: 2, wanted: false },
    });
    expect(asked).toHaveLength(0);
    rerender({ at: 2, wanted: true });
    await waitFor(() => expect(result.current.sheet?.unknown).toBe(1));
    rerender({ at: 2, wanted: true });
    expect(asked).toHaveLength(1);
    rerender({ at: 3, wanted: true });
    await waitFor(() => expect(result.current.sheet?.unknown).toBe(2));
    expect(asked.every((one) => one.path === "/houses/h1/runs")).toBe(true);
  });

  it("are taken from the answer to what was seen, without another question", async () => {
    const asked = server(() => ({ body: { revision: 1, runs: runs(9) } }));
    const { house, sent } = inHand(page(1), [{ house: head(), runs: runs(4) }, null]);
    const { result } = renderHook(() => useRuns(house, true));
    await waitFor(() => expect(result.current.sheet?.unknown).toBe(9));
    const seen = { kind: "off" as const, circuit: "c1", dead: ["k1"], live: [] };
    await act(async () => expect(await result.current.observe(seen)).toBe(true));
    expect(result.current.sheet?.unknown).toBe(4);
    // What was not taken leaves them as they are.
    await act(async () => expect(await result.current.observe(seen)).toBe(false));
    expect(result.current.sheet?.unknown).toBe(4);
    expect(sent[0]).toEqual({ path: "observations", ...seen });
    expect(asked).toHaveLength(1);
  });

  it("withdraws by an id of any letters, keeps what is certain, and takes out a cable", () => {
    server(() => ({ body: {} }));
    const { house, sent } = inHand(page(1));
    const { result } = renderHook(() => useRuns(house, false));
    act(() => {
      result.current.withdraw("g 1/2");
      result.current.keep();
      result.current.dropCable("w3");
    });
    expect(sent).toEqual([
      { path: "observations/g%201%2F2/withdraw" },
      { path: "runs/keep" },
      { path: "changes", changes: [{ in: "cables", id: "w3", set: null }] },
    ]);
  });
});
