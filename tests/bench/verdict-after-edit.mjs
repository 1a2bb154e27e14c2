// node tests/bench/verdict-after-edit.mjs [address]: from the tap on "GFCI" to the new verdict on screen, in the served application
// with the demo house, as a ratio to a bare round trip to the server. Also the JavaScript the house page loads, compressed.
import { gzipSync } from "node:zlib";
import { launched, median, openDemo, roundTrips, tapsToVerdicts } from "./page.mjs";

const RUNS = 15;
const browser = await launched();
const page = await browser.newPage({ baseURL: process.argv[2] ?? "http://127.0.0.1:8080", viewport: { width: 1280, height: 800 } });
const scripts = new Map();
page.on("response", async (response) => {
  if (response.url().endsWith(".js")) scripts.set(response.url(), gzipSync(await response.body()).length);
});
await openDemo(page);
await page.getByRole("button", { name: /^W1-04 / }).click();
const trips = await roundTrips(page, RUNS);
const edits = await tapsToVerdicts(page, RUNS);
const trip = median(trips);
const edit = median(edits);
console.log(`bare round trip to the server   ${trip.toFixed(0)} ms`);
console.log(`edit to verdict on screen       ${edit.toFixed(0)} ms   ${(edit / trip).toFixed(1)} x   slowest ${Math.max(...edits).toFixed(0)} ms`);
console.log(`JavaScript of the house page    ${([...scripts.values()].reduce((a, b) => a + b, 0) / 1000).toFixed(0)} kB compressed`);
await page.getByRole("button", { name: /^Device: / }).click();
await page.getByRole("menuitemradio", { name: "Standard", exact: true }).click();
await browser.close();
