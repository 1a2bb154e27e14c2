// Run by crews.sh. Arguments: the address, the crews, seconds a step. It runs on the same machine as what it asks, and takes its share of
// it.
import { readFileSync } from "node:fs";
import { pause } from "./client.mjs";

const [url, file, seconds] = process.argv.slice(2);
const crews = JSON.parse(readFileSync(file, "utf8"));
const PAUSE = 2000;
const MOST_MS = 1000;
const COLUMNS = ["crews", "answers", "a second", "median ms", "p95 ms", "p95 of changes", "failed"];
const STEPS = [5, 10, 20, 30, 40, 50, 60, 80, 100, 120, 160];

/** What somebody in a house does, by how often: the sheet after a change, changes, pages, the list. */
const TURNS = ["save", "sheet", "sheet", "save", "sheet", "page", "save", "sheet", "list", "sheet"];

async function ask(crew, what, number) {
  const headers = {
    Cookie: crew.cookie,
    "X-CSRF-TOKEN": crew.token,
    "Content-Type": "application/json",
    Accept: what === "page" || what === "list" ? "text/html" : "application/json",
  };
  const { house } = crew;
  const path = { save: `${house}/outlets/p${number % 60}/notes`, sheet: `${house}/sheet`, page: house, list: "/houses" }[what];
  const body = what === "save" ? { method: "POST", body: JSON.stringify({ text: `Note ${number}` }) } : {};
  const response = await fetch(url + path, { redirect: "manual", ...body, headers });
  await response.arrayBuffer();
  return response.status;
}

const at = (list, share) => list.sort((a, b) => a - b)[Math.min(list.length - 1, Math.floor(list.length * share))] ?? 0;
let carried = 0;
console.log(COLUMNS.join("  "));
for (const many of STEPS) {
  const times = [];
  const saves = [];
  let failed = 0;
  const until = Date.now() + Number(seconds) * 1000;
  await Promise.all(
    crews.slice(0, many).map(async (crew, place) => {
      await pause((place * PAUSE) / many);
      for (let turn = place; Date.now() < until; turn++) {
        const what = TURNS[turn % TURNS.length];
        const began = performance.now();
        const status = await ask(crew, what, turn).catch(() => 0);
        const took = performance.now() - began;
        times.push(took);
        if (what === "save") saves.push(took);
        if (status !== 200) failed++;
        await pause(PAUSE);
      }
    }),
  );
  const p95 = at(times, 0.95);
  const rate = (times.length / Number(seconds)).toFixed(1);
  const figures = [many, times.length, rate, at(times, 0.5).toFixed(0), p95.toFixed(0), at(saves, 0.95).toFixed(0), failed];
  console.log(figures.map((figure, column) => String(figure).padStart(COLUMNS[column].length)).join("  "));
  if (p95 > MOST_MS || failed > 0) break;
  carried = many;
}
console.log(`${carried} crews at work`);
