// node tests/bench/next-test.mjs [address]: from the tap that says what a test of the call showed to the next test on screen, in the demo house,
// as a ratio to a bare round trip to the server; the answers given are the first ones offered, some seconds after the test was dealt.
import { fileURLToPath } from "node:url";
import { launched, median, openDemo, roundTrips } from "./page.mjs";

const RUNS = 12;
const DOING_IT_MS = 5000;
const CALLS = [
  { kind: "trips", at: "c8", when: "with_load", running: ["iron"] },
  { kind: "trips", at: "k1", when: "random", running: [] },
  { kind: "dead", at: "b2", when: "unknown", running: [] },
  { kind: "will_not_reset", at: "k1", when: "unknown", running: [] },
  { kind: "trips", at: "c8", when: "at_once", running: [] },
];
const browser = await launched();
const page = await browser.newPage({ baseURL: process.argv[2] ?? "http://127.0.0.1:8080", viewport: { width: 1280, height: 800 } });
await page.addInitScript(() => localStorage.setItem("bouclier-engine", "off"));
await openDemo(page);
await page.goto("/houses");
await page.getByLabel("Or take it from a house file").setInputFiles(fileURLToPath(new URL("../../database/demo/plover-street-8.house.json", import.meta.url)));
await page.getByRole("heading", { name: "Rooms" }).waitFor();
const trips = await roundTrips(page, RUNS);
const house = new URL(page.url()).pathname;
const tell = (path, said) =>
  page.evaluate(
    async ([at, body]) => {
      const token = decodeURIComponent(document.cookie.split("; ").find((one) => one.startsWith("XSRF-TOKEN=")).slice(11));
      const headers = { Accept: "application/json", "Content-Type": "application/json", "X-XSRF-TOKEN": token };
      return (await fetch(at, { method: "POST", headers, body: JSON.stringify(body) })).status;
    },
    [`${house}/${path}`, said],
  );
const card = page.getByRole("region", { name: "Next test" });
const times = [];
for (const call of CALLS) {
  await tell("call/drop", {});
  if ((await tell("call", call)) !== 200) throw new Error(`refused: ${JSON.stringify(call)}`);
  await page.goto(`${house}/trips`, { waitUntil: "networkidle" });
  // A figure that is typed is not known before; after three answers of one call the next call is taken.
  for (let answer = 0; answer < 3 && (await card.getByRole("button", { name: /Then: / }).count()) > 0; answer++) {
    await page.waitForTimeout(DOING_IT_MS);
    times.push(
      await card.evaluate(
        (region) =>
          new Promise((resolve) => {
            const before = region.textContent;
            const button = [...region.querySelectorAll("button")].find((one) => one.textContent.includes("Then: "));
            const start = performance.now();
            const watch = new MutationObserver(() => {
              if (document.querySelector("[aria-label='Next test']")?.textContent !== before) {
                watch.disconnect();
                requestAnimationFrame(() => resolve(performance.now() - start));
              }
            });
            watch.observe(document.body, { subtree: true, childList: true, characterData: true });
            button.click();
          }),
      ),
    );
  }
}
await browser.close();
const slowest = Math.max(...times);
const [time, trip] = [median(times), median(trips)];
console.log(`next test after an answer: ${time.toFixed(0)} ms, ${(time / trip).toFixed(1)} round trips of ${trip.toFixed(0)} ms; slowest of ${times.length} ${slowest.toFixed(0)} ms`);
