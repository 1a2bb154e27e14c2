import { createServer, type IncomingHttpHeaders, type Server } from "node:http";
import type { AddressInfo } from "node:net";
import { afterAll, beforeAll, beforeEach, describe, expect, it } from "vitest";
import { get, onAway, post, remove, upload } from "./api";

/** A real server that answers what it is told to, and keeps what it was sent. */
let server: Server;
let url: string;
let answer: { status: number; body: string };
let sent: { method: string | undefined; headers: IncomingHttpHeaders; body: string };

beforeAll(async () => {
  Object.assign(globalThis, { document: { cookie: "other=1; XSRF-TOKEN=a%3Db%2Fc; last=2" } });
  server = createServer((request, response) => {
    let body = "";
    request.on("data", (part) => {
      body += String(part);
    });
    request.on("end", () => {
      sent = { method: request.method, headers: request.headers, body };
      response
        .writeHead(answer.status, {
          "Content-Type": "application/json",
          ...(answer.status === 503 ? { "Retry-After": "0.3" } : {}),
        })
        .end(answer.body);
    });
  });
  await new Promise<void>((done) => server.listen(0, "127.0.0.1", done));
  url = `http://127.0.0.1:${(server.address() as AddressInfo).port}/here`;
});
afterAll(() => {
  server.close();
  Reflect.deleteProperty(globalThis, "document");
});
beforeEach(() => {
  answer = { status: 200, body: '{"fine":true}' };
});

describe("requests to our own server", () => {
  it.each([
    ["POST", () => post(url, { revision: 3 }), '{"revision":3}'],
    ["GET", () => get(url), ""],
    ["DELETE", () => remove(url), ""],
  ])("carry the session's token: %s", async (method, send, body) => {
    expect(await send()).toEqual({ kind: "done", body: { fine: true } });
    expect([sent.method, sent.body, sent.headers["x-xsrf-token"], sent.headers.accept]).toEqual([
      method,
      body,
      "a=b/c",
      "application/json",
    ]);
    expect(sent.headers["content-type"]).toBe("application/json");
  });

  it("wait while the database is away, say so, and go on by themselves", async () => {
    const told: boolean[] = [];
    const forget = onAway((away) => told.push(away));
    answer = { status: 503, body: '{"message":"away"}' };
    const waiting = post(url, { revision: 4 });
    await new Promise((done) => setTimeout(done, 400));
    expect(told[0]).toBe(true);
    answer = { status: 200, body: '{"fine":true}' };
    expect(await waiting).toEqual({ kind: "done", body: { fine: true } });
    expect(told.at(-1)).toBe(false);
    expect(sent.body).toBe('{"revision":4}');
    forget();
  });

  it("send a file as a form that says its own type", async () => {
    const form = new FormData();
    form.append("said", "the back");
    expect(await upload(url, form)).toEqual({ kind: "done", body: { fine: true } });
    expect(sent.headers["content-type"]).toMatch(/^multipart\/form-data; boundary=/);
    expect(sent.body).toContain("the back");
  });

  it("tell a stale revision, with what happened since", async () => {
    const body = {
      revision: 4,
      since: [{ number: 4, kind: "edit", summary: "K1-01: device", who: "Ada", at: "2026-03-02T09:00:00Z" }],
    };
    answer = { status: 409, body: JSON.stringify(body) };
    expect(await post(url, {})).toEqual({ kind: "stale", body });
  });

  it.each([
    [422, '{"message":"That was not kept."}', "That was not kept."],
    [404, '{"message":"Not found."}', "Not found."],
    [413, "<html>", "The server refused this (413)."],
    [401, '{"message":"Unauthenticated."}', "You are signed out. Reload the page and sign in again."],
    [419, '{"message":"CSRF token mismatch."}', "You are signed out. Reload the page and sign in again."],
  ])("say why they are refused: %d %s", async (status, body, message) => {
    answer = { status, body };
    expect(await post(url, {})).toEqual({ kind: "refused", message });
  });

  it.each([500, 502, 504])("keep what was to be sent when the server answers %d", async (status) => {
    answer = { status, body: "{}" };
    expect(await post(url, {})).toEqual({ kind: "unreached" });
  });

  it("keep what was to be sent when nothing answers", async () => {
    const gone = createServer();
    await new Promise<void>((done) => gone.listen(0, "127.0.0.1", done));
    const { port } = gone.address() as AddressInfo;
    await new Promise<void>((done) => gone.close(() => done()));
    expect(await post(`http://127.0.0.1:${port}/here`, {})).toEqual({ kind: "unreached" });
  });
});
