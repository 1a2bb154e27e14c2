// node tests/bench/papers.mjs [address]: each paper of the demo house made 60 outlets large, and of one of 220, from asking to the last byte, as a
// ratio to a bare round trip to the server.
import { readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { launched, median, openDemo, roundTrips } from "./page.mjs";

const PAPERS = ["letter", "directory", "labels", "tape", "tags", "inspection", "record"];
const SIZES = [60, 220];
const RUNS = 3;
const demo = JSON.parse(readFileSync(fileURLToPath(new URL("../../database/demo/plover-street-8.house.json", import.meta.url)), "utf8"));

/** With more outlets, each at the end of the run before it. */
function grown(outlets) {
  const house = structuredClone(demo);
  const [first] = house.points.filter((point) => point.kind === "receptacle");
  for (let more = 0; house.points.length < outlets; more++) {
    house.points.push({ id: `more${more}`, code: `M${10 + Math.floor(more / 90)}-${10 + (more % 90)}`, area: first.area, name: "One more", kind: "receptacle", device: "standard" });
    house.cables.push({
      id: `wm${more}`,
      from: more % 12 === 0 ? { circuit: house.circuits[more % house.circuits.length].id } : { point: `more${more - 1}`, land: "line" },
      to: { point: `more${more}`, land: "line" },
      awg: 12,
      length_ft: 12,
    });
  }
  return { ...house, name: `Bench: papers of ${outlets}` };
}

const browser = await launched();
const page = await browser.newPage({ baseURL: process.argv[2] ?? "http://127.0.0.1:8080", viewport: { width: 1280, height: 800 } });
await openDemo(page);
const trip = median(await roundTrips(page, RUNS));
for (const size of SIZES) {
  await page.goto("/houses");
  await page.getByLabel("Or take it from a house file").setInputFiles({ name: "house.json", mimeType: "application/json", buffer: Buffer.from(JSON.stringify(grown(size))) });
  await page.getByRole("heading", { name: "Rooms" }).waitFor();
  const house = new URL(page.url()).pathname;
  for (const paper of PAPERS) {
    const times = [];
    for (let run = 0; run < RUNS; run++) {
      times.push(
        await page.evaluate(async (at) => {
          const start = performance.now();
          const answer = await fetch(at);
          if (!answer.ok) throw new Error(`${at}: ${answer.status}`);
          await answer.arrayBuffer();
          return performance.now() - start;
        }, `${house}/papers/${paper}.pdf`),
      );
    }
    const time = median(times);
    console.log(`${String(size).padStart(3)} outlets  ${paper.padEnd(10)} ${time.toFixed(0).padStart(6)} ms  ${(time / trip).toFixed(0)} round trips of ${trip.toFixed(0)} ms`);
  }
}
await browser.close();
