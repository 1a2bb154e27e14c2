// @vitest-environment happy-dom
import { act, renderHook } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { server } from "@/testing/server";
import { get } from "./api";
import { type Ask, useAsked } from "./useAsked";

beforeEach(() => vi.useFakeTimers());
afterEach(() => vi.useRealTimers());

const ask: Ask = async <T>(path: string) => {
  const reply = await get<T>(path);
  return reply.kind === "done" ? reply.body : null;
};

/** Answers one after the other; null is no signal, and so is whatever comes after the last. */
const answering = (...answers: (object | null)[]) =>
  server(() => {
    const body = answers.shift() ?? null;
    return body === null ? { lost: true } : { body };
  });

const pass = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));

describe("what is asked for", () => {
  it("is asked for again until it comes, each time a little later", async () => {
    const asked = answering(null, null, { n: 1 });
    const take = vi.fn();
    const { result } = renderHook(() => useAsked(ask, "/x", 1, take));
    await pass(0);
    expect([asked.length, result.current.failed]).toEqual([1, true]);
    await pass(1500);
    expect(asked).toHaveLength(2);
    await pass(1500);
    expect(asked).toHaveLength(2);
    await pass(1500);
    expect(take).toHaveBeenCalledWith({ n: 1 });
    expect(result.current.failed).toBe(false);
    await pass(60_000);
    expect(asked).toHaveLength(3);
  });

  it("is asked for at once by a tap, and not at all where it is not wanted", async () => {
    const asked = answering(null, { n: 2 });
    const take = vi.fn();
    const { result } = renderHook(() => useAsked(ask, "/x", 1, take));
    await pass(0);
    act(() => result.current.again());
    await pass(0);
    expect(take).toHaveBeenCalledWith({ n: 2 });
    renderHook(() => useAsked(ask, "/y", null, take));
    await pass(60_000);
    expect(asked).toHaveLength(2);
  });

  it("is not taken when another was asked for meanwhile", async () => {
    answering({ n: 1 }, { n: 2 });
    const take = vi.fn();
    const { rerender } = renderHook(({ key }) => useAsked(ask, "/x", key, take), { initialProps: { key: 1 } });
    rerender({ key: 2 });
    await pass(0);
    expect(take.mock.calls).toEqual([[{ n: 2 }]]);
  });
});
