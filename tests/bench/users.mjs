// node tests/bench/users.mjs [address] [users] [seconds]: a house of 500 outlets in the served application, under 50 users with two seconds between what they do: the page,
// what the phone asks for again, and in one of ten a reading filed. Percentiles beside a bare round trip under the same load.
const [address = "http://127.0.0.1:8080", users = 50, seconds = 40] = process.argv.slice(2);
const PAUSE = 2000;
const jar = new Map();

const cookies = () => [...jar].map(([name, value]) => `${name}=${value}`).join("; ");
const sent = async (path, options = {}) => {
  const response = await fetch(address + path, {
    redirect: "manual",
    ...options,
    headers: { cookie: cookies(), accept: "application/json", "x-xsrf-token": decodeURIComponent(jar.get("XSRF-TOKEN") ?? ""), ...options.headers },
  });
  return [response, await response.arrayBuffer()];
};
const keeps = ([response]) => {
  for (const line of response.headers.getSetCookie()) jar.set(line.slice(0, line.indexOf("=")), line.slice(line.indexOf("=") + 1).split(";")[0]);
  return response;
};
const json = (body, method = "POST") => ({ method, body: JSON.stringify(body), headers: { "content-type": "application/json" } });

/** A house of that many outlets: rooms in turn, circuits of a dozen, a GFCI at the head of every other. */
function house(outlets) {
  const kinds = ["kitchen", "bathroom", "bedroom", "garage", "living", "laundry", "outdoors", "hallway", "basement", "den"];
  const file = { format: "bouclier.house", version: 1, name: `Bench ${outlets}`, work: "existing", code: { edition: "nec-2023" }, areas: [], panels: [{ id: "main", name: "Main" }], circuits: [], points: [], cables: [], appliances: [] };
  for (let i = 0; i < outlets; i++) {
    const [room, run] = [Math.floor(i / 5), Math.floor(i / 12)];
    if (i % 5 === 0) file.areas.push({ id: `a${room}`, code: `A${room}`, name: `Room ${room}`, kind: kinds[room % 10], fixtures: room % 3 === 0 ? [{ id: `f${room}`, kind: "sink" }] : [] });
    if (i % 12 === 0) file.circuits.push({ id: `c${run}`, panel: "main", slot: `${run + 1}`, label: `Run ${run}`, amps: 20 });
    file.points.push({ id: `p${i}`, code: `A${room}-${i}`, area: `a${room}`, name: `Outlet ${i}`, kind: "receptacle", device: i % 24 === 0 ? "gfci" : "standard", amps: 20, volts: 125, ...(room % 3 === 0 ? { distances: [{ fixture: `f${room}`, ft: 1 + (i % 9) }] } : {}) });
    file.cables.push({ id: `w${i}`, from: i % 12 === 0 ? { circuit: `c${run}` } : { point: `p${i - 1}`, land: "load" }, to: { point: `p${i}`, land: "line" }, awg: 12, length_ft: 9.5 });
  }
  return file;
}

keeps(await sent("/sign-in"));
keeps(await sent("/sign-in", json({ email: "rosa@demo.example", password: "plover-street-8" })));
const form = new FormData();
form.append("file", new Blob([JSON.stringify(house(500))], { type: "application/json" }), "house.json");
const made = keeps(await sent("/houses", { method: "POST", body: form }));
const path = new URL(made.headers.get("location"), address).pathname;

const times = { page: [], sheet: [], save: [], bare: [] };
const failed = [];
async function timed(kind, run) {
  const start = performance.now();
  const [response] = await run();
  times[kind].push(performance.now() - start);
  if (response.status >= 400) failed.push(`${kind} ${response.status}`);
}
const until = Date.now() + seconds * 1000;
await Promise.all(
  Array.from({ length: Number(users) }, async (_, user) => {
    await new Promise((resolve) => setTimeout(resolve, (user * PAUSE) / users));
    for (let turn = user; Date.now() < until; turn++) {
      if (turn % 10 === 0) await timed("save", () => sent(`${path}/readings`, json({ point: `p${turn % 500}`, between: "hn", volts: 119 })));
      else if (turn % 10 === 5) await timed("bare", () => sent("/up"));
      else if (turn % 2 === 0) await timed("sheet", () => sent(`${path}/sheet`));
      else await timed("page", () => sent(path, { headers: { accept: "text/html" } }));
      await new Promise((resolve) => setTimeout(resolve, PAUSE));
    }
  }),
);
const at = (list, share) => list.sort((a, b) => a - b)[Math.min(list.length - 1, Math.floor(list.length * share))] ?? 0;
const bare = at(times.bare, 0.5);
for (const [kind, list] of Object.entries(times)) {
  console.log(`${kind.padEnd(6)} ${String(list.length).padStart(5)}  median ${at(list, 0.5).toFixed(0)} ms  p95 ${at(list, 0.95).toFixed(0)} ms  ${(at(list, 0.95) / bare).toFixed(1)} bare round trips`);
}
if (failed.length > 0) console.log(`failed: ${[...new Set(failed)].join(", ")} (${failed.length})`);
