// Run by breaking.sh. Arguments: the address, the instance's folder, how often all of it is broken, how many people save.
import { execFileSync } from "node:child_process";
import { randomUUID } from "node:crypto";
import { readFileSync } from "node:fs";
import { Client, pause } from "./bench/client.mjs";

const [url, instance, rounds, people] = process.argv.slice(2);

/** Seconds within which changes are taken again, and within which somebody is shown a page again. */
const WRITES_BACK = 30;
const READS_BACK = 10;
const HOUSES = 4;
const SAVES_EVERY_MS = 1000;

const acknowledged = [];
const faults = [];
let writes = [];
let reads = [];
let over = false;

/** As a phone does: each change has its id, and is sent until it is answered; what was done already is not done again. */
async function saving(client, house, who) {
  for (let number = 0; !over; number++) {
    const text = `note ${who}-${number}`;
    const command = { id: randomUUID(), at: new Date().toISOString().replace(/\.\d+/, "") };
    for (;;) {
      const reply = await client.ask("POST", `${house}/outlets/k1/notes`, { text, command }).catch(() => ({ status: 0 }));
      if (reply.status === 200) {
        acknowledged.push({ house, text });
        writes.push(Date.now());
        break;
      }
      if (reply.status >= 400 && reply.status < 500) faults.push(`a change was answered ${reply.status}`);
      if (over) return;
      await pause(200);
    }
    await pause(SAVES_EVERY_MS);
  }
}

async function reading(client, pages) {
  for (let turn = 0; !over; turn++) {
    const reply = await client.ask("GET", pages[turn % pages.length]).catch(() => ({ status: 0 }));
    if (reply.status === 200) reads.push(Date.now());
    if (reply.status >= 400 && reply.status < 500) faults.push(`a page was answered ${reply.status}`);
    await pause(50);
  }
}

/** The longest that nothing of it went through, from then on. */
function longest(moments, from) {
  let gap = 0;
  let last = from;
  for (const moment of [...moments.filter((one) => one >= from), Date.now()]) {
    gap = Math.max(gap, moment - last);
    last = moment;
  }
  return gap / 1000;
}

async function within(most, what, holds) {
  const from = Date.now();
  while (!(await holds())) {
    if (Date.now() - from > most * 1000) {
      faults.push(`${what} took more than ${most} s`);
      return;
    }
    await pause(100);
  }
}

function killNode(number) {
  const master = execFileSync("pgrep", ["-f", `php-fpm: master process.*${instance}/run/fpm-${number}.conf`]).toString().trim();
  execFileSync("bash", ["-c", `pkill -9 -P ${master}; kill -9 ${master}`]);
}

function primary() {
  try {
    return readFileSync(`${instance}/primary`, "utf8");
  } catch {
    return "1";
  }
}

/** The database that takes changes is killed, and is gone with what it had. */
function killPrimary() {
  const number = primary();
  process.kill(Number(readFileSync(`${instance}/run/database-${number}.pid`, "utf8")), "SIGKILL");
  return number;
}

const health = async (client) => {
  try {
    return JSON.parse((await client.ask("GET", "/up")).text);
  } catch {
    return { attention: ["no answer"], servers: [] };
  }
};

const first = new Client(url);
await first.signIn();
const houses = [];
for (let made = 0; made < HOUSES; made++) {
  const reply = await first.ask("POST", "/houses", { sample: true });
  houses.push(new URL(reply.location, url).pathname);
}
const running = [
  ...Array.from({ length: Number(people) }, (_, who) => saving(first.another(), houses[who % HOUSES], who)),
  reading(first.another(), ["/houses", "/keep"]),
  reading(first.another(), [`${houses[0]}/sheet`, `${houses[1]}/history`]),
];
// Each has its code translated by then.
await within(60, "beginning to save", () => acknowledged.length > 3 * Number(people));

for (let round = 1; round <= Number(rounds); round++) {
  let from = Date.now();
  killNode(1 + (round % 2));
  await pause(4000);
  const gap = longest(writes, from).toFixed(1);
  console.log(`a node killed: longest without a change taken ${gap} s, without a page ${longest(reads, from).toFixed(1)} s`);
  if (longest(reads, from) > READS_BACK) faults.push("reading did not go on when a node was killed");

  from = Date.now();
  const killed = killPrimary();
  await within(WRITES_BACK, "taking changes again", () => writes.some((moment) => moment > from + 500) && primary() !== killed);
  const back = writes.find((moment) => moment > from + 500);
  await pause(3000);
  const after = back === undefined ? "never" : `after ${((back - from) / 1000).toFixed(1)} s`;
  console.log(`database ${killed} killed: changes taken again ${after}, longest without a page ${longest(reads, from).toFixed(1)} s`);
  if (longest(reads, from) > READS_BACK) faults.push("reading did not go on when the database was killed");
  await within(60, `database ${killed} coming back as a copy`, async () =>
    (await health(first.another())).servers.some((one) => one.server === `127.0.0.${killed}` && one.stands === "follows"),
  );
  console.log(`database ${killed} follows again`);
  writes = [];
  reads = [];
}
over = true;
await Promise.all(running);

let lost = 0;
let doubled = 0;
for (const house of houses) {
  const file = await first.ask("GET", `${house}/file`);
  const kept = (JSON.parse(file.text).records.notes ?? []).map((note) => note.text);
  const counts = new Map();
  for (const text of kept) counts.set(text, (counts.get(text) ?? 0) + 1);
  for (const one of acknowledged.filter((change) => change.house === house)) if (!counts.has(one.text)) lost++;
  for (const [text, times] of counts) if (/^note \d+-\d+$/.test(text) && times > 1) doubled++;
}
console.log(`acknowledged ${acknowledged.length}, lost ${lost}`);
if (doubled > 0) faults.push(`${doubled} done twice`);
for (const fault of new Set(faults)) console.log(fault);
process.exit(lost === 0 && acknowledged.length > 0 && faults.length === 0 ? 0 : 1);
