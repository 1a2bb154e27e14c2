// Saves notes one after the other, as four people at once, while what serves them is killed; then asks which of those acknowledged are there.
// Arguments: the address, the instance's folder, kills of the database, kills of workers. Run by kills.sh.
import { execFileSync } from "node:child_process";
import { Client, pause } from "./client.mjs";

const [url, instance, databaseKills, workerKills] = process.argv.slice(2);

const killed = { database: 0, workers: 0 };
let over = false;

async function killing() {
  const total = Number(databaseKills) + Number(workerKills);
  for (let at = 0; at < total; at++) {
    await pause(900 + 600 * ((at * 7) % 5));
    const database = killed.database * Number(workerKills) <= killed.workers * Number(databaseKills);
    try {
      execFileSync("pkill", database ? ["-9", "-f", `mariadbd.*${instance}/mysql`] : ["-9", "-n", "-f", "php-fpm: pool app"]);
    } catch {
      at--;
      continue;
    }
    killed[database ? "database" : "workers"]++;
  }
  await pause(4000);
  over = true;
}

async function saving(client, house, who, acknowledged) {
  for (let number = 0; !over; number++) {
    const text = `note ${who}-${number}`;
    for (;;) {
      const reply = await client
        .ask("POST", `/houses/${house}/outlets/k1/notes`, { text })
        .catch(() => ({ status: 0, text: "" }));
      if (reply.status === 200) {
        acknowledged.push(text);
        break;
      }
      if (over) return;
      // Away, cut off, or signed out because the session could not be read: it is tried again, as the page does.
      if (reply.status === 401 || reply.status === 419) await client.signIn().catch(() => undefined);
      await pause(250);
    }
  }
}

const first = new Client(url);
await first.signIn();
const houses = await first.ask("GET", "/houses");
const house = /"id":"([0-9a-z]{26})","name":"Plover/.exec(houses.text.replaceAll("&quot;", '"'))?.[1];
if (!house) throw new Error("The demo house is not there");
const acknowledged = [];
// Signed in once: too many sign-ins are slowed down, as they should be.
const clients = [0, 1, 2, 3].map(() => first.another());
await Promise.all([killing(), ...clients.map((client, who) => saving(client, house, who, acknowledged))]);

let file = { status: 0, text: "" };
for (let tries = 0; tries < 40 && file.status !== 200; tries++) {
  await pause(500);
  file = await first.ask("GET", `/houses/${house}/file`).catch(() => ({ status: 0, text: "" }));
}
const kept = new Set((JSON.parse(file.text).records.notes ?? []).map((note) => note.text));
const lost = acknowledged.filter((text) => !kept.has(text));
console.log(
  `${killed.database} kills of the database, ${killed.workers} of workers; ${acknowledged.length} changes acknowledged, ${lost.length} of them lost`,
);
process.exit(lost.length === 0 && acknowledged.length > 0 ? 0 : 1);
