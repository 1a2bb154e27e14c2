// @vitest-environment happy-dom
import { act, renderHook, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { inHand, page, server } from "@/testing/server";
import type { Breaker, HuntPage } from "@/types/pages";
import { usePulse } from "./usePulse";

const hunt: HuntPage = {
  step: 3,
  by: "u1",
  byName: "Ada",
  point: "k1",
  code: "K1-01",
  phase: "look",
  left: 4,
  off: [],
  on: [],
  found: [],
  boxes: [],
  waits: false,
};

const off = { id: "c1", off: true } as Breaker;

beforeEach(() => {
  vi.useFakeTimers({ shouldAdvanceTime: true });
  Object.defineProperty(document, "visibilityState", { value: "visible", configurable: true });
});
afterEach(() => vi.useRealTimers());

describe("the pulse of a house", () => {
  it("says at which revision the house is, so that what others did is taken over", async () => {
    server(() => ({ body: { revision: 2, hunt: null } }));
    const { house } = inHand(page(1));
    renderHook(() => usePulse(house));
    await act(() => vi.advanceTimersByTimeAsync(50));
    expect(house.heard).toHaveBeenCalledWith(2);
  });

  it("leaves the house alone while nothing happened", async () => {
    const asked = server(() => ({ body: { revision: 1, hunt: null } }));
    const { house } = inHand(page(1));
    renderHook(() => usePulse(house));
    await act(() => vi.advanceTimersByTimeAsync(9000));
    expect(asked.length).toBe(3);
    expect(house.heard).toHaveBeenCalledWith(1);
  });

  it("asks often while something is off, and never while nobody looks", async () => {
    const asked = server(() => ({ body: { revision: 1, hunt: null } }));
    const { house } = inHand({ ...page(1), live: [off] });
    const { unmount } = renderHook(() => usePulse(house));
    await act(() => vi.advanceTimersByTimeAsync(3600));
    expect(asked.length).toBeGreaterThanOrEqual(5);
    Object.defineProperty(document, "visibilityState", { value: "hidden", configurable: true });
    const before = asked.length;
    await act(() => vi.advanceTimersByTimeAsync(3600));
    expect(asked.length).toBe(before);
    unmount();
  });

  it("answers the question that was asked, by its step", async () => {
    const asked = server(() => ({ body: { revision: 1, hunt } }));
    const { house } = inHand(page(1));
    const { result } = renderHook(() => usePulse(house));
    await waitFor(() => expect(result.current.hunt?.code).toBe("K1-01"));
    act(() => result.current.looked(true));
    act(() => result.current.flipped());
    act(() => result.current.end());
    await act(() => vi.advanceTimersByTimeAsync(50));
    expect(asked.filter((one) => one.method !== "GET").map((one) => [one.method, one.path, one.body])).toEqual([
      ["POST", "/houses/h1/hunt/looked", { step: 3, out: true }],
      ["POST", "/houses/h1/hunt/flipped", { step: 3 }],
      ["DELETE", "/houses/h1/hunt", {}],
    ]);
  });
});
