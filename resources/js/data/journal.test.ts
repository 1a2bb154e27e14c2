// @vitest-environment happy-dom
import { beforeEach, describe, expect, it } from "vitest";
import "fake-indexeddb/auto";
import * as journal from "./journal";
import { forgetAll, type Told } from "./store";

beforeEach(forgetAll);

const something = (id: string, more: Partial<Told> = {}): Omit<Told, "n"> => ({
  id,
  house: "h1",
  user: "u1",
  at: "2026-03-02T09:40:00Z",
  path: "undo",
  body: {},
  knew: 1,
  name: "Undo",
  ...more,
});

describe("the journal of a phone", () => {
  it("keeps what is told in its order, and hands it out so", async () => {
    const first = await journal.keep(something("a"));
    await journal.keep(something("b", { house: "h2" }));
    await journal.keep(something("c", { user: "u2" }));
    expect((await journal.ofUser("u1")).map((one) => one.id)).toEqual(["a", "b"]);
    expect((await journal.ofHouse("h2", "u1")).map((one) => one.id)).toEqual(["b"]);
    expect((await journal.next("u1"))?.id).toBe("a");
    await journal.arrived(first, 2, null);
    expect((await journal.next("u1"))?.id).toBe("b");
  });

  it("passes what was refused by, and keeps it to be mended", async () => {
    const first = await journal.keep(something("a"));
    await journal.keep(something("b"));
    await journal.refused(first, { message: "No." });
    expect((await journal.next("u1"))?.id).toBe("b");
    expect((await journal.find("a"))?.refusal).toEqual({ message: "No." });
    await journal.drop({ ...first });
    expect(await journal.find("a")).toBeNull();
  });

  it("hands out nothing past what is being carried out here, and then what it was read to mean", async () => {
    journal.hold("a");
    await journal.keep(something("a"));
    await journal.keep(something("b"));
    expect(await journal.next("u1")).toBeNull();
    await journal.carriedOut("a", { gave: { p: "K1-09" }, changes: [1] });
    journal.release("a");
    expect(await journal.next("u1")).toMatchObject({ id: "a", late: { gave: { p: "K1-09" }, changes: [1] } });
    // Gone meanwhile, it does not come back.
    await journal.drop((await journal.next("u1")) as Told);
    await journal.carriedOut("a", { gave: {}, changes: null });
    expect(await journal.find("a")).toBeNull();
  });

  it("is kept before it is told of, and takes one id once", async () => {
    const heard: string[] = [];
    const stop = journal.onNews((news) => heard.push(`${news.kind} ${"told" in news ? news.told.id : news.id}`));
    const kept = await journal.keep(something("a"));
    await expect(journal.keep(something("a"))).rejects.toThrow();
    await journal.arrived(kept, 2, null);
    stop();
    expect(heard).toEqual(["kept a", "arrived a"]);
  });
});
