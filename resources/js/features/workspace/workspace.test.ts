// @vitest-environment happy-dom
import { act, fireEvent, renderHook } from "@testing-library/react";
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { Outlet, Room } from "@/types/pages";
import { read, type Sight, START, write } from "./address";
import { useAddress } from "./useAddress";
import { useEntryLine } from "./useEntryLine";
import { useKeys } from "./useKeys";
import { byCode } from "./useWorkspace";

const outlets = [
  { id: "k1", code: "K1-01" },
  { id: "k2", code: "K1/02 b" },
] as Outlet[];

beforeEach(() => history.replaceState(null, "", "/houses/h1"));

describe("the address", () => {
  const id = "h1";

  it("says what is looked at, whatever letters a code has, and is read back", () => {
    const seen: Sight[] = [
      START,
      { ...START, found: true },
      { ...START, code: "K1-03", beside: "box" },
      { ...START, job: "trace", code: "K1/02 b", beside: "measure" },
      { ...START, job: "trips" },
      { ...START, job: "trace", code: "K1-01", beside: "next" },
      // A code that is a word of the address.
      { ...START, code: "history" },
      { ...START, job: "call", code: "trace" },
    ];
    for (const sight of seen) expect(read(write(id, sight))).toEqual(sight);
    expect(write(id, { ...START, code: "K1-03", beside: "box" })).toBe("/houses/h1/K1-03/box");
    expect(write(id, START)).toBe("/houses/h1");
  });

  it("passes over what it does not know", () => {
    expect(read("/houses/h1/K1-03/toString")).toEqual({ ...START, code: "K1-03" });
    expect(read("/houses/h1/%E0%A4%A/box").code).toBe("%E0%A4%A");
    expect(read("/houses/h1/")).toEqual(START);
  });

  it("goes a step on, and Back undoes it; from outlet to outlet is no step", async () => {
    const { result } = renderHook(() => useAddress(id));
    act(() => result.current.go({ code: "K1-01" }));
    act(() => result.current.swap({ code: "K1-02" }));
    act(() => result.current.go({ beside: "box" }));
    expect(location.pathname).toBe("/houses/h1/K1-02/box");
    expect(renderHook(() => useAddress(id)).result.current.sight).toEqual({ ...START, code: "K1-02", beside: "box" });
  });

  it("closes what an address opened, without leaving the house", () => {
    history.replaceState(null, "", "/houses/h1/K1-01/box");
    const { result } = renderHook(() => useAddress(id));
    act(() => result.current.close({ code: null, beside: "outlet" }));
    expect(location.pathname).toBe("/houses/h1");
  });

  it("finds a part by its code, capitals or not, or by the one it had before", () => {
    const parts = [
      { id: "k1-01-2", code: "K1-01", formerCodes: [] },
      { id: "b", code: "B1-01", formerCodes: ["K1-07"] },
    ];
    expect(byCode(parts, "k1-01")).toBe(parts[0]);
    expect(byCode(parts, "K1-07")).toBe(parts[1]);
    expect(byCode(parts, "K9-01")).toBeNull();
    expect(byCode(parts, "k1-01-2")).toBe(parts[0]);
  });
});

describe("the keys", () => {
  function pressed(key: string, more: KeyboardEventInit = {}, on: Element | Window = window) {
    const keys = { step: vi.fn(), move: vi.fn(), onEntry: vi.fn(), onHelp: vi.fn(), onSearch: vi.fn() };
    const { unmount } = renderHook(() => useKeys(keys));
    fireEvent.keyDown(on, { key, ...more });
    unmount();
    return keys;
  }

  it("walk, and with Shift move", () => {
    expect(pressed("ArrowRight").step).toHaveBeenCalledWith(1);
    expect(pressed("ArrowLeft").step).toHaveBeenCalledWith(-1);
    expect(pressed("ArrowUp", { shiftKey: true }).move).toHaveBeenCalledWith("areas", -1);
    expect(pressed("ArrowRight", { shiftKey: true }).move).toHaveBeenCalledWith("points", 1);
    expect(pressed("/").onEntry).toHaveBeenCalled();
    expect(pressed("?").onHelp).toHaveBeenCalled();
  });

  it("leave alone who writes, and what the browser does with Ctrl", () => {
    const field = document.createElement("input");
    document.body.append(field);
    expect(pressed("ArrowRight", { bubbles: true }, field).step).not.toHaveBeenCalled();
    expect(pressed("ArrowRight", { ctrlKey: true }).step).not.toHaveBeenCalled();
    expect(pressed("?", { bubbles: true }, field).onHelp).not.toHaveBeenCalled();
    // But what is wanted can be found from anywhere.
    expect(pressed("k", { bubbles: true, ctrlKey: true }, field).onSearch).toHaveBeenCalled();
    field.remove();
  });
});

describe("the line of quick entry", () => {
  const rooms = [
    { id: "kit", code: "K1", outlets: [outlets[0]] },
    { id: "bath", code: "B1", outlets: [outlets[1]] },
  ] as Room[];

  it("goes on in the room of the selection, until a line has named another", () => {
    const { result } = renderHook(() => useEntryLine(rooms, "k2"));
    expect([result.current.area, result.current.last]).toEqual([{ id: "bath", code: "B1" }, "k2"]);
    act(() => result.current.entered({ in: "points", id: "k3", area: "kit", echo: "", changes: true }));
    expect([result.current.area?.id, result.current.last]).toEqual(["kit", "k3"]);
    // A breaker that was entered is no outlet to go on from.
    act(() => result.current.entered({ in: "circuits", id: "c9", area: "kit", echo: "", changes: true }));
    expect(result.current.last).toBe("k2");
  });

  it("stands nowhere in a house without rooms", () => {
    const { result } = renderHook(() => useEntryLine([], null));
    expect([result.current.area, result.current.last]).toEqual([null, null]);
  });
});
