// @vitest-environment happy-dom
import { beforeEach, expect, it } from "vitest";
import { server } from "@/testing/server";
import { Kept } from "./kept";

beforeEach(() => localStorage.clear());

const visit = (id: string) => ({ kind: "visits" as const, body: { id, case: "open_hot.4.1" } });

it("keeps a case under way with each deed, the last worked on first, and each person's apart", () => {
  const kept = new Kept("u1");
  expect(kept.visit("open_hot.4.1").deeds).toEqual([]);
  kept.work({ ...kept.visit("open_hot.4.1"), deeds: [{ do: "walk" }] });
  kept.work({ ...kept.visit("short.4.1"), withAdvice: true });
  expect(new Kept("u1").visit("open_hot.4.1").deeds).toEqual([{ do: "walk" }]);
  expect(new Kept("u1").visit("short.4.1").withAdvice).toBe(true);
  expect(kept.underWay()).toHaveLength(2);
  expect(new Kept("u2").underWay()).toEqual([]);
  kept.drop("short.4.1");
  expect(kept.underWay().map((one) => one.name)).toEqual(["open_hot.4.1"]);
});

it("sends what ended in its order, and once", async () => {
  const asked = server(() => ({ body: {} }));
  const kept = new Kept("u1");
  kept.ends(visit("a"));
  kept.ends({ kind: "drills", body: { id: "b" } });
  expect(await kept.send()).toBe(true);
  expect(asked.map((one) => [one.path, one.body.id])).toEqual([
    ["/practice/visits", "a"],
    ["/practice/drills", "b"],
  ]);
  expect(await kept.send()).toBe(true);
  expect(asked).toHaveLength(2);
});

it("keeps what nobody took, with what came after it", async () => {
  let lost = true;
  const asked = server(() => (lost ? { lost } : { body: {} }));
  const kept = new Kept("u1");
  kept.ends(visit("a"));
  kept.ends(visit("b"));
  expect(await kept.send()).toBe(false);
  expect(kept.waiting().map((one) => one.body.id)).toEqual(["a", "b"]);
  lost = false;
  expect(await kept.send()).toBe(true);
  expect(kept.waiting()).toEqual([]);
  expect(asked).toHaveLength(3);
});

it("keeps it where somebody else is signed in, or nobody, and lets go what is refused for good", async () => {
  let status = 401;
  server(() => ({ status, body: { message: "No." } }));
  const kept = new Kept("u1");
  kept.ends(visit("a"));
  expect(await kept.send()).toBe(false);
  expect(kept.waiting()).toHaveLength(1);
  status = 422;
  expect(await kept.send()).toBe(true);
  expect(kept.waiting()).toEqual([]);
});
