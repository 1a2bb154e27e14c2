// @vitest-environment happy-dom
import { beforeEach, expect, it, vi } from "vitest";
import { server } from "@/testing/server";
import { drawn, practise } from "./ask";

const asks = vi.fn();
vi.mock("@/data/engine", () => ({ engine: async () => (asks.getMockImplementation() ? { ask: asks } : null) }));

beforeEach(() => void asks.mockReset());

it("asks the server, and the phone only where there is no signal", async () => {
  let lost = false;
  server(() => (lost ? { lost } : { body: { minutes: 3 } }));
  asks.mockImplementation(async () => ({ ok: { minutes: 4 } }));
  expect(await practise("visit", {})).toEqual({ answer: { minutes: 3 } });
  expect(asks).not.toHaveBeenCalled();
  lost = true;
  expect(await practise("visit", { case: "x" })).toEqual({ answer: { minutes: 4 } });
  expect(asks).toHaveBeenCalledWith({ do: "practise", path: "visit", body: { case: "x" } });
});

it("says why something was refused, by whom ever, and nothing where nobody answers", async () => {
  let lost = false;
  server(() => (lost ? { lost } : { status: 422, body: { message: "That box is not open." } }));
  expect(await practise("visit", {})).toEqual({ refused: "That box is not open." });
  lost = true;
  expect(await practise("visit", {})).toBeNull();
  asks.mockImplementation(async () => ({ refused: { message: "No case." } }));
  expect(await practise("visit", {})).toEqual({ refused: "No case." });
});

it("waits for a case that is drawn beside, and draws it here without a signal", async () => {
  vi.useFakeTimers();
  const answers = [
    { done: false, case: null },
    { done: true, case: "short.4.9" },
  ];
  const asked = server(() => (answers.length > 0 ? { body: answers.shift() } : { lost: true }));
  const name = drawn({ level: "easy" });
  await vi.advanceTimersByTimeAsync(3000);
  expect(await name).toBe("short.4.9");
  expect(asked).toHaveLength(2);
  asks.mockImplementation(async () => ({ ok: { case: "short.4.10" } }));
  expect(await drawn({ level: "easy" })).toBe("short.4.10");
  vi.useRealTimers();
});
