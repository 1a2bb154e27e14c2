// node tests/bench/tap-without-signal.mjs [address] [--slow N]: from the tap on "GFCI" to the new verdict on screen without a signal, with the
// demo house, as a ratio to a bare round trip to the server; and how long the engine takes to be ready. --slow gives all of Chromium one N-th of
// its time (stopped and let go again, 20 ms at a time: the browser's own throttling does not slow workers).
import { execSync } from "node:child_process";
import { launched, median, openDemo, roundTrips, tapsToVerdicts } from "./page.mjs";

const RUNS = 21;
const SLICE_MS = 20;
const slow = process.argv.includes("--slow") ? Number(process.argv[process.argv.indexOf("--slow") + 1]) : 1;
const baseURL = process.argv[2]?.startsWith("http") ? process.argv[2] : "http://127.0.0.1:8080";
const browser = await launched();
const context = await browser.newContext({ baseURL, viewport: { width: 1280, height: 800 } });
await context.addInitScript(() => localStorage.setItem("bouclier-engine", "on"));
const page = await context.newPage();
await openDemo(page);
await page.locator("[data-engine=true]").waitFor({ timeout: 120_000 });
await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
await page.reload();
await page.locator("[data-engine=true]").waitFor();
await page.waitForLoadState("networkidle");

let stop = () => undefined;
if (slow > 1) {
  const pids = execSync("pgrep -f chromium").toString().trim().split("\n").filter((pid) => Number(pid) !== process.pid);
  const all = (signal) => pids.forEach((pid) => { try { process.kill(Number(pid), signal); } catch { /* gone */ } });
  let turn = 0;
  const timer = setInterval(() => all(turn++ % slow === 0 ? "SIGCONT" : "SIGSTOP"), SLICE_MS);
  stop = () => { clearInterval(timer); all("SIGCONT"); };
}
const ready = [];
for (let run = 0; run < 3; run++) {
  const start = performance.now();
  await page.reload();
  await page.locator("[data-engine=true]").waitFor({ timeout: 120_000 });
  ready.push(performance.now() - start);
}
const trip = median(await roundTrips(page, RUNS));
await context.setOffline(true);
await page.getByRole("button", { name: /^W1-04 / }).click();
const edits = await tapsToVerdicts(page, RUNS);
const first = edits[0];
const edit = median(edits.slice(1));
stop();
console.log(`engine ready with the house, page reloaded: ${median(ready).toFixed(0)} ms`);
console.log(`tap to verdict without a signal: median ${edit.toFixed(0)} ms, the first ${first.toFixed(0)} ms${slow > 1 ? `, Chromium at one ${slow}th` : ""}; ${(edit / trip).toFixed(1)} bare round trips`);
await context.setOffline(false);
await browser.close();
