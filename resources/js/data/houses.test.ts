// @vitest-environment happy-dom
import { beforeEach, describe, expect, it } from "vitest";
import "fake-indexeddb/auto";
import { server } from "@/testing/server";
import { DAYS, forgotten, known, onPhone, pin, renewed, tidied } from "./houses";
import { forgetAll } from "./store";

beforeEach(forgetAll);

const sent = (revision: number) => ({ house: "h", revision, file: { name: "Heron Lane 4" } });
const LATER = Date.now() + (DAYS + 1) * 86_400_000;

describe("houses on a phone", () => {
  it("come from the server once, then from the phone, until they are made new", async () => {
    let revision = 1;
    const asked = server(() => ({ body: sent(revision) }));
    expect(await known("a1", "u")).toMatchObject({ sent: sent(1), fresh: true });
    revision = 2;
    expect((await known("a1", "u"))?.sent.revision).toBe(1);
    expect(asked).toHaveLength(1);
    expect((await renewed("a1", "u"))?.revision).toBe(2);
    expect((await known("a1", "u"))?.sent.revision).toBe(2);
  });

  it("are none where there is neither a copy nor the server, and stay where the server goes", async () => {
    let lost = true;
    server(() => (lost ? { lost } : { body: sent(1) }));
    expect(await known("a2", "u")).toBeNull();
    lost = false;
    await known("a2", "u");
    lost = true;
    expect(await renewed("a2", "u")).toBeNull();
    expect((await known("a2", "u"))?.sent.revision).toBe(1);
  });

  it("are given up when nobody opened them for long, but for those that are pinned, and all when one signs out", async () => {
    server(() => ({ body: sent(1) }));
    for (const house of ["a3", "a4"]) await known(house, "u");
    await pin("a4", "u", true);
    await tidied();
    expect(await onPhone("u")).toHaveLength(2);
    await tidied(LATER);
    expect((await onPhone("u")).map((one) => [one.house, one.name, one.pinned])).toEqual([
      ["a4", "Heron Lane 4", true],
    ]);
    expect(await onPhone("other")).toEqual([]);
    await forgotten("u");
    expect(await onPhone("u")).toEqual([]);
  });
});
