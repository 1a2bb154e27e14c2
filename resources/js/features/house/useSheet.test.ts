// @vitest-environment happy-dom
import { act, renderHook } from "@testing-library/react";
import { expect, it } from "vitest";
import { page } from "@/testing/server";
import type { JudgedPage, Room } from "@/types/pages";
import { useSheet } from "./useSheet";

const roomNamed = (id: string, name: string) => ({ id, name }) as Room;
const sent = { ...page(1), rooms: [roomNamed("a", "Kitchen"), roomNamed("b", "Hall")] };
const renamed = (name: string) => {
  const { house, live, mains, alarms } = sent;
  return { house, live, mains, alarms, rooms: [roomNamed("b", name)] };
};

it("shows the rooms that were touched before the rest", async () => {
  const { result } = renderHook(() => useSheet(sent));
  const first = result.current.version;
  act(() => result.current.screen.showMade(renamed("Corridor")));
  expect(result.current.sheet.rooms.map((room) => room.name)).toEqual(["Kitchen", "Corridor"]);
  const made = result.current.version;
  expect(made).not.toBe(first);
  await act(() =>
    result.current.screen.showRest(async () => ({ ...sent, granted: 4, rooms: [roomNamed("b", "Corridor")] })),
  );
  expect(result.current.sheet.granted).toBe(4);
  // The same house: what was asked of it need not be asked again.
  expect(result.current.version).toBe(made);
});

it("does not show the rest of what something newer stands over", async () => {
  const { result } = renderHook(() => useSheet(sent));
  act(() => result.current.screen.showMade(renamed("Corridor")));
  let answer: (rest: JudgedPage) => void = () => undefined;
  const rest = result.current.screen.showRest(() => new Promise((done) => (answer = done)));
  act(() => result.current.screen.showWhole({ ...sent, granted: 7 }));
  await act(async () => {
    answer({ ...sent, granted: 4 });
    await rest;
  });
  expect(result.current.sheet.granted).toBe(7);
});

it("asks for no rest where nothing but the whole was shown", async () => {
  const { result } = renderHook(() => useSheet(sent));
  act(() => result.current.screen.showMade(sent));
  await result.current.screen.showRest(() => Promise.reject(new Error("asked")));
});
