// @vitest-environment happy-dom
import { act, fireEvent, renderHook } from "@testing-library/react";
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { Outlet, Room } from "@/types/pages";
import { useEntryLine } from "./useEntryLine";
import { useKeys } from "./useKeys";
import { useSelection } from "./useSelection";
import { useView } from "./useView";

const outlets = [
  { id: "k1", code: "K1-01" },
  { id: "k2", code: "K1/02 b" },
] as Outlet[];

beforeEach(() => history.replaceState(null, "", "/houses/h1"));

describe("the view", () => {
  it("is found again in the address, and rooms need no word there", () => {
    history.replaceState(null, "", "/houses/h1?view=runs#K1-01");
    const { result } = renderHook(() => useView());
    expect(result.current[0]).toBe("runs");
    act(() => result.current[1]("findings"));
    expect(location.search + location.hash).toBe("?view=findings#K1-01");
    act(() => result.current[1]("rooms"));
    expect(location.search + location.hash).toBe("#K1-01");
  });

  it("is the rooms where the address says nothing that is one", () => {
    history.replaceState(null, "", "/houses/h1?view=toString");
    expect(renderHook(() => useView()).result.current[0]).toBe("rooms");
  });
});

describe("the selection", () => {
  it("is kept in the address by the code of the outlet, whatever letters that has", () => {
    const { result } = renderHook(() => useSelection(outlets));
    expect(result.current[0]).toBeNull();
    act(() => result.current[1]("k2"));
    expect(decodeURIComponent(location.hash)).toBe("#K1/02 b");
    expect(renderHook(() => useSelection(outlets)).result.current[0]).toBe("k2");
    act(() => result.current[1](null));
    expect(location.hash).toBe("");
  });

  it("is none where the address names an outlet that is gone", () => {
    history.replaceState(null, "", "/houses/h1#K9-99");
    expect(renderHook(() => useSelection(outlets)).result.current[0]).toBeNull();
  });
});

describe("the keys", () => {
  function pressed(key: string, more: KeyboardEventInit = {}, on: Element | Window = window) {
    const keys = { step: vi.fn(), move: vi.fn(), onEntry: vi.fn(), onHelp: vi.fn() };
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
    act(() => result.current.entered({ in: "points", id: "k3", area: "kit", echo: "" }));
    expect([result.current.area?.id, result.current.last]).toEqual(["kit", "k3"]);
    // A breaker that was entered is no outlet to go on from.
    act(() => result.current.entered({ in: "circuits", id: "c9", area: "kit", echo: "" }));
    expect(result.current.last).toBe("k2");
  });

  it("stands nowhere in a house without rooms", () => {
    const { result } = renderHook(() => useEntryLine([], null));
    expect([result.current.area, result.current.last]).toEqual([null, null]);
  });
});
