// @vitest-environment happy-dom
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { server } from "@/testing/server";
import { get, onAway, post, remove } from "./api";

beforeEach(() => vi.useFakeTimers({ shouldAdvanceTime: true }));
afterEach(() => vi.useRealTimers());

describe("asking the server", () => {
  it("waits while its database is away, as long as it says, and says so meanwhile", async () => {
    let times = 0;
    server(() => (++times < 3 ? { status: 503, headers: { "Retry-After": "3" } } : { body: { revision: 2 } }));
    const told: boolean[] = [];
    const stop = onAway((away) => told.push(away));
    const reply = post("/houses/h1/undo", { revision: 1 });
    await vi.advanceTimersByTimeAsync(2900);
    expect(times).toBe(1);
    await vi.advanceTimersByTimeAsync(3200);
    expect(await reply).toEqual({ kind: "done", body: { revision: 2 } });
    expect(told).toEqual([true, true, false]);
    stop();
  });

  it("waits its turn when the crew has asked too much at once, and drops nothing", async () => {
    let times = 0;
    server(() => (++times < 2 ? { status: 429, headers: { "Retry-After": "20" } } : { body: { revision: 2 } }));
    const told: boolean[] = [];
    const stop = onAway((away) => told.push(away));
    const reply = post("/houses/h1/undo", { revision: 1 });
    await vi.advanceTimersByTimeAsync(20_100);
    expect(await reply).toEqual({ kind: "done", body: { revision: 2 } });
    expect(told).toEqual([]);
    stop();
  });

  it("tells what is refused from what could not be reached, and from what is stale", async () => {
    const replies = [
      { status: 422, body: { message: 'There is no outlet "k9".' } },
      { status: 500, body: { message: "Server Error" } },
      { status: 409, body: { revision: 7, since: [] } },
      { status: 419, body: { message: "CSRF token mismatch." } },
      { lost: true },
    ];
    server(() => replies.shift() ?? {});
    expect(await post("/x", {})).toEqual({ kind: "refused", message: 'There is no outlet "k9".' });
    expect(await get("/x")).toEqual({ kind: "unreached" });
    expect(await get("/x")).toEqual({ kind: "stale", body: { revision: 7, since: [] } });
    expect(await remove("/x")).toMatchObject({ kind: "signed-out" });
    expect(await get("/x")).toEqual({ kind: "unreached" });
  });

  it("sends the token of the session with everything", async () => {
    // biome-ignore lint/suspicious/noDocumentCookie: as the framework sets it
    document.cookie = "XSRF-TOKEN=a%2Bb";
    const asked = server(() => ({}));
    await post("/x", { a: 1 });
    expect(asked[0]?.headers).toMatchObject({ "X-XSRF-TOKEN": "a+b", "Content-Type": "application/json" });
  });
});
