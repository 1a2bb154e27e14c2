import { BASE, type Manifest } from "./engine";
import { pin, renewed } from "./houses";

/** Fetching the engine and houses ahead, so that they are here when the signal goes. */

const ENGINE = "bouclier-engine";
const PAGES = "bouclier-pages";

export interface Taken {
  /** Bytes that are sent for what is missing, and for all of it. */
  missing: number;
  all: number;
}

/** The one flavour this browser runs, and what both need. */
function needed(manifest: Manifest): Manifest["files"] {
  const flavour = "Suspending" in WebAssembly ? "jspi" : "asyncify";
  return manifest.files.filter((one) => one.flavour === null || one.flavour === flavour);
}

async function manifest(): Promise<Manifest> {
  const response = await fetch(`${BASE}engine.json`);
  if (!response.ok) throw new Error(`no engine: ${response.status}`);
  return (await response.json()) as Manifest;
}

function sum(files: Manifest["files"]): number {
  return files.reduce((total, one) => total + one.bytes, 0);
}

async function missing(files: Manifest["files"]): Promise<Manifest["files"]> {
  const cache = await caches.open(ENGINE);
  const here = new Set((await cache.keys()).map((one) => new URL(one.url).pathname));
  return files.filter((one) => !here.has(BASE + one.file));
}

/** How much of the engine is on this phone. */
export async function engineTaken(): Promise<Taken> {
  const files = needed(await manifest());
  return { missing: sum(await missing(files)), all: sum(files) };
}

/** Fetches what is missing of it. */
export async function takeEngine(onProgress: (taken: Taken) => void): Promise<void> {
  const list = await manifest();
  const files = needed(list);
  const all = sum(files);
  const cache = await caches.open(ENGINE);
  await cache.put(`${BASE}engine.json`, new Response(JSON.stringify(list), { headers: JSON_TYPE }));
  const left = await missing(files);
  let done = all - sum(left);
  for (const one of left) {
    const response = await fetch(BASE + one.file);
    if (!response.ok || response.body === null) throw new Error(`${one.file}: ${response.status}`);
    const [kept, counted] = response.body.tee();
    const put = cache.put(BASE + one.file, new Response(kept, { headers: response.headers }));
    const reader = counted.getReader();
    for (let read = 0; ; ) {
      const part = await reader.read();
      if (part.done) break;
      read += part.value.length;
      onProgress({ all, missing: all - done - (one.bytes * read) / one.unpacked });
    }
    await put;
    done += one.bytes;
    onProgress({ all, missing: all - done });
  }
}

const JSON_TYPE = { "Content-Type": "application/json" };

/** A house with its page, kept until it is let go. */
export async function takeHouse(house: string, user: string): Promise<boolean> {
  if (!(await takePages(house)) || (await renewed(house, user)) === null) return false;
  await pin(house, user, true);
  return true;
}

/** The pages of a house that are read without a signal. */
export async function takePages(house: string): Promise<boolean> {
  if (typeof caches === "undefined") return false;
  const cache = await caches.open(PAGES);
  for (const path of [`/houses/${house}`, `/houses/${house}/survey`, `/houses/${house}/rules`, "/rules", "/houses"]) {
    const page = await fetch(path, { headers: { Accept: "text/html" } }).catch(() => null);
    // Led elsewhere, to sign in: that is no page of a house.
    if (!page?.ok || page.redirected) return false;
    await cache.put(path, page);
  }
  return true;
}
