import { execFileSync } from "node:child_process";
import { fileURLToPath } from "node:url";
import { expect, test } from "@playwright/test";

/** PHP in the page answers as PHP on the server does, byte for byte; and has no way to anywhere. */

interface Case {
  name: string;
  file: string;
  answers: { arguments: string[]; printed: Record<string, unknown> }[];
}

const FEWEST = 200;

test("assess, trace, simulate and diagnose print the same in the page as on the server", async ({ page }) => {
  test.setTimeout(900_000);
  const lines = execFileSync("php", [fileURLToPath(new URL("./engine/answers.php", import.meta.url))], {
    maxBuffer: 1 << 28,
  });
  const cases = lines
    .toString()
    .trimEnd()
    .split("\n")
    .map((line) => JSON.parse(line) as Case);
  expect(cases.length).toBeGreaterThanOrEqual(FEWEST);
  await page.goto("/up");
  await page.evaluate(async () => {
    const { worker, core } = (await (await fetch("/engine/engine.json")).json()) as { worker: string; core: string };
    const php = new Worker(`/engine/${worker}`, { type: "module" });
    const answer = () =>
      new Promise<{ said?: string }>((done) => {
        php.onmessage = (event) => done(event.data);
      });
    php.postMessage({ core: `/engine/${core}` });
    await answer();
    let n = 0;
    Object.assign(window, {
      ask: async (question: Record<string, unknown>) => {
        php.postMessage({ n: ++n, asked: JSON.stringify(question), told: false });
        return JSON.parse((await answer()).said ?? "{}");
      },
      /** One after the other, the second sent before the first can be answered. */
      askBoth: async (first: Record<string, unknown>, told: Record<string, unknown>) => {
        const said: unknown[] = [];
        const both = new Promise<unknown[]>((done) => {
          php.onmessage = (event) => {
            said.push(JSON.parse(event.data.said ?? "{}"));
            if (said.length === 2) done(said);
          };
        });
        php.postMessage({ n: ++n, asked: JSON.stringify(first), told: false });
        php.postMessage({ n: ++n, asked: JSON.stringify(told), told: true });
        return both;
      },
    });
  });
  const ask = (question: Record<string, unknown>) =>
    page.evaluate(
      (question) => (window as unknown as { ask: (q: unknown) => Promise<{ ok?: unknown }> }).ask(question),
      question,
    );
  for (const { name, file, answers } of cases)
    for (const { arguments: words, printed } of answers)
      expect(await ask({ do: "run", arguments: words, file }), `${name}: ${words.join(" ")}`).toEqual({ ok: printed });

  // What is told goes before what gives way to it, and before nothing else.
  const file = JSON.parse(cases.reduce((one, other) => (other.file.length > one.file.length ? other : one)).file);
  await ask({ do: "open", house: "h", known: { file, revision: 1, house: "h", name: "Ada" } });
  const now = "2026-03-02T10:00:00Z";
  const sheet = { do: "ask", house: "h", now, path: "sheet" };
  const told = (id: string) => ({
    do: "tell",
    house: "h",
    now,
    id,
    at: now,
    path: "changes",
    page: false,
    body: { changes: [{ in: "points", id: file.points[0].id, set: { name: id } }] },
  });
  const both = (first: unknown, second: unknown) =>
    page.evaluate(
      ([first, second]) =>
        (window as unknown as { askBoth: (a: unknown, b: unknown) => Promise<unknown[]> }).askBoth(first, second),
      [first, second],
    );
  expect(await both({ ...sheet, givesWay: true }, told("first"))).toMatchObject([{ gaveWay: true }, { ok: {} }]);
  expect(await both(sheet, told("second"))).toMatchObject([{ ok: { house: {} } }, { ok: {} }]);

  // What would lead out is not there, and what asks for it is told so.
  const requests: string[] = [];
  page.on("request", (request) => requests.push(request.url()));
  expect(await ask({ do: "out" })).toMatchObject({
    refused: { message: expect.stringContaining("nothing this can do") },
  });
  expect(requests).toEqual([]);
});
