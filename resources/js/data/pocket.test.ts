// @vitest-environment happy-dom
import { beforeEach, expect, it, vi } from "vitest";
import "fake-indexeddb/auto";
import { server } from "@/testing/server";
import { Pocket } from "./pocket";
import { forgetAll } from "./store";

const asked: Record<string, unknown>[] = [];

vi.mock("./engine", () => ({
  engine: async () => ({
    ask: async (question: Record<string, unknown>) => {
      asked.push(question);
      return { ok: {} };
    },
    onEnd: () => () => undefined,
  }),
}));

beforeEach(forgetAll);

it("knows when what is shown is newer than the copy on this phone", async () => {
  let revision = 3;
  server(() => ({ body: { house: "h", revision, file: { name: "Heron Lane 4" } } }));
  await Pocket.open("h", "u");
  revision = 4;
  // Opened again from the copy of before, while the house has gone on.
  const pocket = await Pocket.open("h", "u");
  expect(pocket?.isBehind(3)).toBe(false);
  expect(pocket?.isBehind(4)).toBe(true);
  await pocket?.renew();
  expect(pocket?.isBehind(4)).toBe(false);
  await pocket?.carryOut({ id: "c", house: "h", user: "u", at: "", knew: 4, n: 1, path: "undo", body: {}, name: "" });
  expect(asked.at(-1)).toMatchObject({ do: "tell", id: "c" });
  await pocket?.arrived("c", 5);
  expect(pocket?.isBehind(5)).toBe(false);
  await pocket?.arrived("told in another tab", 6);
  expect(pocket?.isBehind(6)).toBe(true);
});
