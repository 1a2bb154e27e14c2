// node tests/bench/next-after-answer.mjs [address]: from the tap that files an answer to the next step on screen, in the demo house, as a ratio to a
// bare round trip to the server; and how evenly the runs of a house of 200 outlets scroll, as a ratio to an empty page.
import { readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { chromium } from "@playwright/test";

const RUNS = 15;
const browser = await chromium.launch({
  executablePath: "/usr/bin/chromium",
  args: ["--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run", "--disable-background-networking", "--disable-component-update", "--disable-sync"],
});
const page = await browser.newPage({ baseURL: process.argv[2] ?? "http://127.0.0.1:8080", viewport: { width: 1280, height: 800 } });
const demo = JSON.parse(readFileSync(fileURLToPath(new URL("../../database/demo/plover-street-8.house.json", import.meta.url)), "utf8"));
const median = (times) => times.sort((a, b) => a - b)[Math.floor(times.length / 2)];
const open = async (house) => {
  await page.goto("/houses");
  await page.getByLabel("Or take it from a house file").setInputFiles({ name: "house.json", mimeType: "application/json", buffer: Buffer.from(JSON.stringify(house)) });
  await page.getByRole("button", { name: "Runs", exact: true }).click();
  await page.locator("main [id^=mark-]").first().waitFor();
};

await page.goto("/sign-in");
await page.getByLabel("Mail address").fill("rosa@demo.example");
await page.getByLabel("Password").fill("plover-street-8");
await page.getByRole("button", { name: "Sign in" }).click();
await page.getByRole("heading", { name: "Houses" }).waitFor();

const untraced = { ...demo, name: "Bench: next step", cables: demo.cables.filter((cable) => !["w1", "w2", "w3"].includes(cable.id)) };
await open(untraced);
const trips = [];
const answers = [];
for (let run = 0; run < RUNS; run++) {
  trips.push(
    await page.evaluate(async () => {
      const start = performance.now();
      await fetch("/up");
      return performance.now() - start;
    }),
  );
  await page.getByRole("button", { name: "A box opened" }).waitFor();
  await page.getByRole("button", { name: "Tester's button", exact: true }).click();
  await page.getByRole("region", { name: "What was seen" }).getByRole("button", { name: /^R1-02 / }).click();
  answers.push(
    await page.evaluate(
      () =>
        new Promise((resolve) => {
          const none = document.querySelector("button[aria-label='none nothing tripped']");
          const start = performance.now();
          const watch = new MutationObserver(() => {
            if (document.querySelector("section[aria-label='Next step']")) {
              watch.disconnect();
              requestAnimationFrame(() => resolve(performance.now() - start));
            }
          });
          watch.observe(document.body, { subtree: true, childList: true });
          none.click();
        }),
    ),
  );
}

const copies = [0, 1, 2, 3];
const many = (list, rename) => copies.flatMap((n) => list.map((one) => rename(JSON.parse(JSON.stringify(one)), n)));
const large = {
  ...demo,
  name: "Bench: 200 outlets",
  records: {},
  appliances: [],
  areas: many(demo.areas, (area, n) => ({ ...area, id: `${area.id}-${n}`, code: `${area.code}${n}`, fixtures: (area.fixtures ?? []).map((f) => ({ ...f, id: `${f.id}-${n}` })) })),
  circuits: many(demo.circuits, (circuit, n) => ({ ...circuit, id: `${circuit.id}-${n}` })),
  points: many(demo.points, (point, n) => ({
    ...point,
    id: `${point.id}-${n}`,
    code: point.code.replace("-", `${n}-`),
    area: `${point.area}-${n}`,
    ...(point.circuit ? { circuit: `${point.circuit}-${n}` } : {}),
    ...(point.distances ? { distances: point.distances.map((d) => ({ ...d, fixture: `${d.fixture}-${n}` })) } : {}),
  })),
  cables: many(demo.cables, (cable, n) => ({
    ...cable,
    id: `${cable.id}-${n}`,
    from: cable.from.circuit ? { circuit: `${cable.from.circuit}-${n}` } : { ...cable.from, point: `${cable.from.point}-${n}` },
    to: { ...cable.to, point: `${cable.to.point}-${n}` },
  })),
};
const frames = (selector) =>
  page.evaluate(
    (where) =>
      new Promise((resolve) => {
        const box = where ? document.querySelector(where) : null;
        const gaps = [];
        let last = performance.now();
        const step = (now) => {
          gaps.push(now - last);
          last = now;
          if (box) box.scrollTop += 24;
          if (gaps.length < 90) requestAnimationFrame(step);
          else resolve(gaps.sort((a, b) => a - b)[Math.floor(gaps.length * 0.95)]);
        };
        requestAnimationFrame(step);
      }),
    selector,
  );
await open(large);
const scrolled = await frames("main .overflow-y-auto");
await page.goto("/up");
const still = await frames("");
await browser.close();

const trip = median(trips);
const answer = median(answers);
console.log(`next step after an answer: ${answer.toFixed(0)} ms, ${(answer / trip).toFixed(1)} round trips of ${trip.toFixed(0)} ms`);
console.log(`runs of ${large.points.length} outlets, scrolled: a frame in ${scrolled.toFixed(0)} ms at worst (95 %), ${(scrolled / still).toFixed(1)} times that of an empty page`);
