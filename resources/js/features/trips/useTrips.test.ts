// @vitest-environment happy-dom
import { act, renderHook, waitFor } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { head, inHand, page, server } from "@/testing/server";
import type { CallPage, CallState, StepCard, Suspect } from "@/types/pages";
import { testsOf, useTrips } from "./useTrips";

function call(chances: Record<string, number> | null): CallPage {
  const suspects = Object.entries(chances ?? {}).map(([id, probability]) => ({ id, probability }) as Suspect);
  return {
    call: null,
    questions: [],
    earlier: [],
    gone: false,
    state: chances === null ? null : ({ suspects } as CallState),
    pages: [],
  };
}

const reset = { do: "reset", at: { point: "g" } };
const card = {
  actions: [
    { action: { do: "unplug_all", circuit: "c1" }, passed: { tripped: [] } },
    { action: reset, passed: { holds: true, tripped: [], no_power: false } },
    { action: { do: "wait", minutes: 10 }, passed: { tripped: [] } },
  ],
} as unknown as StepCard;

describe("the call in hand", () => {
  it("says where each suspect stood before the last fact, and not before a mere look", async () => {
    const asked = server(() => ({ body: { revision: 1, trips: call({ kettle: 0.3, cable: 0.1 }) } }));
    const { house } = inHand(page(1), [{ house: head(), trips: call({ kettle: 0.8, cable: 0.05 }) }]);
    const { result } = renderHook(() => useTrips(house, true));
    await waitFor(() => expect(result.current.sheet?.state?.suspects).toHaveLength(2));
    expect(result.current.before).toEqual({});
    await act(async () => expect(await result.current.showed(card, { tripped: ["g"] })).toBe(true));
    expect(result.current.before).toEqual({ kettle: 0.3, cable: 0.1 });
    expect(result.current.sheet?.state?.suspects[0]?.probability).toBe(0.8);
    expect(asked).toHaveLength(1);
  });

  it("is not fetched before it is wanted", () => {
    const asked = server(() => ({ body: { revision: 1, trips: call(null) } }));
    const { house } = inHand(page(1));
    const { result } = renderHook(() => useTrips(house, false));
    expect(result.current.sheet).toBeNull();
    expect(asked).toHaveLength(0);
  });

  it("files the steps before the last as having held, and reads the last one alone", () => {
    expect(testsOf(card, { tripped: ["g"] })).toEqual([
      { action: { do: "unplug_all", circuit: "c1" }, reading: { tripped: [] } },
      { action: reset, reading: { holds: true, tripped: [], no_power: false } },
      { action: { do: "wait", minutes: 10 }, reading: { tripped: ["g"] } },
    ]);
  });

  it("files as many steps as were done where it tripped early, and nothing of the rest", () => {
    server(() => ({ body: {} }));
    const { house, sent } = inHand(page(1));
    const { result } = renderHook(() => useTrips(house, false));
    act(() => result.current.trippedEarly(card, { label: "It tripped at step 2", steps: 2, tripped: "g" }));
    expect(sent).toEqual([
      {
        path: "call/tests",
        tests: [
          { action: { do: "unplug_all", circuit: "c1" }, reading: { tripped: [] } },
          { action: reset, reading: { tripped: ["g"] } },
        ],
      },
    ]);
  });

  it("names what it sends by what it is about", async () => {
    server(() => ({ body: {} }));
    const { house, sent } = inHand(page(1));
    const { result } = renderHook(() => useTrips(house, false));
    await act(async () => {
      result.current.answer("water", "Yes");
      result.current.withdraw("t 1");
      result.current.cannot("clamp", true);
      result.current.take("p1");
      result.current.end("p2");
      result.current.leave(card, [{ shown: "it trips", means: "The kettle" }]);
      result.current.askHouseholder();
      await result.current.close({ note: "Done", left: "", due: "" });
    });
    expect(sent.map((one) => one.path)).toEqual([
      "call/answers",
      "call/tests/t%201/withdraw",
      "call/cannot",
      "call/pages/p1/take",
      "call/pages/p2/withdraw",
      "call/trial",
      "call/questions",
      "call/close",
    ]);
    expect(sent[0]).toMatchObject({ answers: { water: "Yes" } });
    expect(sent[5]).toMatchObject({ rule: [{ shown: "it trips", means: "The kettle" }] });
  });
});
