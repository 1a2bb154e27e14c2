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
        php.postMessage({ n: ++n, asked: JSON.stringify(question) });
        return JSON.parse((await answer()).said ?? "{}");
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

  // What would lead out is not there, and what asks for it is told so.
  const requests: string[] = [];
  page.on("request", (request) => requests.push(request.url()));
  expect(await ask({ do: "out" })).toMatchObject({
    refused: { message: expect.stringContaining("nothing this can do") },
  });
  expect(requests).toEqual([]);
});
