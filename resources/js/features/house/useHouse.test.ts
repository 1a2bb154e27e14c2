// @vitest-environment happy-dom
import { act, renderHook, waitFor } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { head, page, type Sent, server } from "@/testing/server";
import { useHouse } from "./useHouse";

const name = { in: "house" as const, set: { name: "Heron Lane 4" } };

describe("the house in hand", () => {
  it("takes the house as it is judged after a change, and sends the next one on top of it", async () => {
    let revision = 1;
    const asked = server(() => ({ body: page(++revision) }));
    const { result } = renderHook(() => useHouse(page(1)));
    act(() => result.current.change([name]));
    act(() => result.current.turn("c1", false));
    await waitFor(() => expect(result.current.sheet.house.revision).toBe(3));
    expect(asked.map((one) => [one.method, one.path, one.body.revision])).toEqual([
      ["POST", "/houses/h1/changes", 1],
      ["POST", "/houses/h1/breakers", 2],
    ]);
    expect(asked[0]?.body.changes).toEqual([name]);
    expect(result.current.saving).toEqual({ state: "saved" });
  });

  it("sends one thing at a time, in the order it was done", async () => {
    let under = 0;
    let most = 0;
    let revision = 1;
    server(async () => {
      most = Math.max(most, ++under);
      await new Promise((done) => setTimeout(done, 5));
      under--;
      return { body: page(++revision) };
    });
    const { result } = renderHook(() => useHouse(page(1)));
    act(() => {
      result.current.undo();
      result.current.redo();
      result.current.closeItem("a b", "Photograph 3");
    });
    await waitFor(() => expect(result.current.sheet.house.revision).toBe(4));
    expect(most).toBe(1);
  });

  it("fetches the rest where an answer is the head of the house alone", async () => {
    const asked = server(({ path }) => ({
      body: path.endsWith("/sheet") ? page(5) : { house: head({ revision: 5 }) },
    }));
    const { result } = renderHook(() => useHouse(page(1)));
    await act(() =>
      result.current.send({ path: "outlets/k1/tests", by: "device_button", tripped: true, trip_ms: null }),
    );
    await waitFor(() => expect(asked.map((one) => one.path)).toContain("/houses/h1/sheet"));
    expect(result.current.sheet.house.revision).toBe(5);
  });

  it("keeps what was refused out, and says why", async () => {
    server(() => ({ status: 422, body: { message: 'That was not kept: there is no outlet "k9".' } }));
    const { result } = renderHook(() => useHouse(page(1)));
    let entered: unknown = "not asked";
    await act(async () => {
      entered = await result.current.enter({ line: "ct 20", area: null, last: null });
    });
    expect(entered).toBeNull();
    expect(result.current.saving).toEqual({
      state: "refused",
      message: 'That was not kept: there is no outlet "k9".',
    });
    act(() => result.current.dismiss());
    expect(result.current.saving.state).toBe("saved");
    expect(result.current.sheet.house.revision).toBe(1);
  });

  it("holds on to what could not be sent, and sends it once more when asked to", async () => {
    let lost = true;
    const asked = server(() => (lost ? { lost } : { body: page(2) }));
    const { result } = renderHook(() => useHouse(page(1)));
    act(() => result.current.change([name]));
    await waitFor(() => expect(result.current.saving.state).toBe("unreached"));
    lost = false;
    act(() => result.current.again());
    await waitFor(() => expect(result.current.saving.state).toBe("saved"));
    expect(asked.map((one) => one.body.changes)).toEqual([[name], [name]]);
  });

  it("asks anew where somebody else was quicker, with what they did, and goes on from there", async () => {
    const since = [{ number: 2, kind: "edit", summary: "Sink removed", who: "Bo", at: "2026-03-02T09:00:00+00:00" }];
    let times = 0;
    const asked = server(({ path }: Sent) =>
      path.endsWith("/sheet")
        ? { body: page(2) }
        : times++ === 0
          ? { status: 409, body: { revision: 2, since } }
          : { body: page(3) },
    );
    const { result } = renderHook(() => useHouse(page(1)));
    act(() => result.current.change([name]));
    await waitFor(() => expect(result.current.saving).toMatchObject({ state: "stale", since }));
    expect(result.current.sheet.house.revision).toBe(2);
    act(() => result.current.again());
    await waitFor(() => expect(result.current.sheet.house.revision).toBe(3));
    expect(asked.filter((one) => one.method === "POST").map((one) => one.body.revision)).toEqual([1, 2]);
  });

  it("does not send again what is kept, though it could not be shown", async () => {
    const asked = server(({ path }) => ({
      body: path.endsWith("/sheet") ? page(2) : { kept: true, revision: 2, message: "It is kept." },
    }));
    const { result } = renderHook(() => useHouse(page(1)));
    act(() => result.current.change([name]));
    await waitFor(() => expect(result.current.saving).toEqual({ state: "refused", message: "It is kept." }));
    expect(result.current.sheet.house.revision).toBe(2);
    act(() => result.current.again());
    expect(asked.filter((one) => one.method === "POST")).toHaveLength(1);
  });

  it("takes over what others did, but never goes back", async () => {
    let revision = 4;
    server(() => ({ body: page(revision) }));
    const { result } = renderHook(() => useHouse(page(1)));
    await act(() => result.current.refresh());
    expect(result.current.sheet.house.revision).toBe(4);
    revision = 3;
    await act(() => result.current.refresh());
    expect(result.current.sheet.house.revision).toBe(4);
  });

  it("says what was entered, so that the next line goes on from there", async () => {
    const entered = { in: "points", id: "k2", area: "kit", echo: "K1-02 counter" };
    server(() => ({ body: { ...page(2), entered } }));
    const { result } = renderHook(() => useHouse(page(1)));
    await act(async () => {
      expect(await result.current.enter({ line: "ct 20", area: "kit", last: "k1" })).toEqual(entered);
    });
  });
});
