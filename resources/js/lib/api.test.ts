import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { get, post } from "./api";

const answer = (status: number, body: unknown) => vi.fn(async () => new Response(JSON.stringify(body), { status }));

beforeEach(() => vi.stubGlobal("document", { cookie: "other=1; XSRF-TOKEN=a%3Db%2Fc; last=2" }));
afterEach(() => vi.unstubAllGlobals());

describe("requests to our own server", () => {
  it("carry the session's token and the body as JSON", async () => {
    const fetched = answer(200, { fine: true });
    vi.stubGlobal("fetch", fetched);
    expect(await post("/here", { revision: 3 })).toEqual({ kind: "done", body: { fine: true } });
    expect(fetched).toHaveBeenCalledWith(
      "/here",
      expect.objectContaining({
        method: "POST",
        body: '{"revision":3}',
        headers: expect.objectContaining({ "X-XSRF-TOKEN": "a=b/c", Accept: "application/json" }),
      }),
    );
  });

  it("read without a body", async () => {
    vi.stubGlobal("fetch", answer(200, [1]));
    expect(await get("/here")).toEqual({ kind: "done", body: [1] });
  });

  it("tell a stale revision, with what happened since", async () => {
    const body = {
      revision: 4,
      since: [{ number: 4, kind: "edit", summary: "K1-01: device", who: "Ada", at: "2026-03-02T09:00:00Z" }],
    };
    vi.stubGlobal("fetch", answer(409, body));
    expect(await post("/here", {})).toEqual({ kind: "stale", body });
  });

  it("give the server's own words when it refuses", async () => {
    vi.stubGlobal("fetch", answer(422, { message: "That was not kept." }));
    expect(await post("/here", {})).toEqual({ kind: "refused", message: "That was not kept." });
  });

  it("say something even when the refusal cannot be read", async () => {
    vi.stubGlobal(
      "fetch",
      vi.fn(async () => new Response("<html>", { status: 413 })),
    );
    expect(await post("/here", {})).toEqual({ kind: "refused", message: "The server refused this (413)." });
  });

  it.each([401, 419])("say that somebody is signed out on %d", async (status) => {
    vi.stubGlobal("fetch", answer(status, { message: "CSRF token mismatch." }));
    const reply = await post("/here", {});
    expect(reply.kind === "refused" && reply.message).toContain("signed out");
  });

  it.each([500, 502, 503])("keep what was to be sent when the server answers %d", async (status) => {
    vi.stubGlobal("fetch", answer(status, {}));
    expect(await post("/here", {})).toEqual({ kind: "unreached" });
  });

  it("keep what was to be sent when nothing answers", async () => {
    vi.stubGlobal(
      "fetch",
      vi.fn(async () => {
        throw new TypeError("Failed to fetch");
      }),
    );
    expect(await post("/here", {})).toEqual({ kind: "unreached" });
  });
});
