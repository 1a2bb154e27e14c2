// node tests/bench/verdict-after-edit.mjs [address]: from the tap on "GFCI" to the new verdict on screen, in the served application
// with the demo house, as a ratio to a bare round trip to the server. Also the JavaScript the house page loads, compressed.
import { gzipSync } from "node:zlib";
import { chromium } from "@playwright/test";

const RUNS = 15;
const browser = await chromium.launch({
  executablePath: "/usr/bin/chromium",
  args: ["--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run", "--disable-background-networking", "--disable-component-update", "--disable-sync"],
});
const page = await browser.newPage({ baseURL: process.argv[2] ?? "http://127.0.0.1:8080", viewport: { width: 1280, height: 800 } });
const scripts = new Map();
page.on("response", async (response) => {
  if (response.url().endsWith(".js")) scripts.set(response.url(), gzipSync(await response.body()).length);
});
await page.goto("/sign-in");
await page.getByLabel("Mail address").fill("rosa@demo.example");
await page.getByLabel("Password").fill("plover-street-8");
await page.getByRole("button", { name: "Sign in" }).click();
await page.getByRole("link", { name: /Plover Street 8/ }).first().click();
await page.getByRole("button", { name: /^W1-04 / }).click();
const median = (times) => times.sort((a, b) => a - b)[Math.floor(times.length / 2)];

const trips = [];
for (let run = 0; run < RUNS; run++) {
  trips.push(
    await page.evaluate(async () => {
      const start = performance.now();
      await fetch("/up");
      return performance.now() - start;
    }),
  );
}
const edits = [];
for (let run = 0; run < RUNS; run++) {
  const to = run % 2 === 0 ? "GFCI" : "Standard";
  const verdict = run % 2 === 0 ? "GFCI met" : "GFCI missing";
  await page.getByRole("button", { name: /^Device: / }).click();
  await page.getByRole("menuitemradio", { name: to, exact: true }).waitFor();
  edits.push(
    await page.evaluate(
      ([option, said]) =>
        new Promise((resolve) => {
          const item = [...document.querySelectorAll("[role=menuitemradio]")].find((i) => i.textContent === option);
          const start = performance.now();
          const watch = new MutationObserver(() => {
            if (document.querySelector("aside")?.textContent?.includes(said)) {
              watch.disconnect();
              requestAnimationFrame(() => resolve(performance.now() - start));
            }
          });
          watch.observe(document.body, { subtree: true, childList: true, characterData: true });
          item.click();
        }),
      [to, verdict],
    ),
  );
}
const trip = median(trips);
const edit = median(edits);
console.log(`bare round trip to the server   ${trip.toFixed(0)} ms`);
console.log(`edit to verdict on screen       ${edit.toFixed(0)} ms   ${(edit / trip).toFixed(1)} x   slowest ${Math.max(...edits).toFixed(0)} ms`);
console.log(`JavaScript of the house page    ${([...scripts.values()].reduce((a, b) => a + b, 0) / 1000).toFixed(0)} kB compressed`);
await page.getByRole("button", { name: /^Device: / }).click();
await page.getByRole("menuitemradio", { name: "Standard", exact: true }).click();
await browser.close();
