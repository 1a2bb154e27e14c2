/// <reference lib="webworker" />
import { cleanupOutdatedCaches, precacheAndRoute } from "workbox-precaching";
import { registerRoute } from "workbox-routing";

/**
 * What makes the application open without a signal: its own files, the pages of houses that were opened, and the engine, as they were last
 * fetched. With a signal the server is asked first. Nothing but our own server is ever asked.
 */

declare const self: ServiceWorkerGlobalScope & { __WB_MANIFEST: { url: string; revision: string | null }[] };

const PAGES = "bouclier-pages";
const ENGINE = "bouclier-engine";
const PHOTOS = "bouclier-photos";

/** A page that is longer on its way is shown as it was: it is brought up to date once it stands. */
const PATIENCE_MS = 3000;

precacheAndRoute(self.__WB_MANIFEST);
cleanupOutdatedCaches();

self.addEventListener("activate", (event) => event.waitUntil(self.clients.claim()));

self.addEventListener("message", (event: ExtendableMessageEvent) => {
  if (event.data === "take-over") void self.skipWaiting();
  // Signed out, or the session has ended: what was shown is not shown to whoever comes next.
  if (event.data === "hide") event.waitUntil(Promise.all([caches.delete(PAGES), caches.delete(PHOTOS)]));
});

/** One page for all addresses of a house: it reads where it is by itself. */
function pageOf(url: URL): string | null {
  const house = /^\/houses\/([0-9a-z]{26})(\/(.*))?$/.exec(url.pathname);
  if (house === null) return ["/houses", "/rules", "/practice"].includes(url.pathname) ? url.pathname : null;
  const place = house[3] ?? "";
  if (place === "survey" || place === "rules") return `/houses/${house[1]}/${place}`;
  return /^(outlets|history|compare|file|pocket|photos)/.test(place) ? null : `/houses/${house[1]}`;
}

registerRoute(
  ({ request, url, sameOrigin }) => sameOrigin && request.mode === "navigate" && pageOf(url) !== null,
  async ({ request, url }) => {
    const key = pageOf(url) ?? url.pathname;
    const cache = await caches.open(PAGES);
    const answer = fetch(request).then(async (response) => {
      // Led elsewhere: to sign in, say. That is no page of a house.
      if (response.ok && !response.redirected) await cache.put(key, response.clone());
      return response;
    });
    const kept = await cache.match(key);
    if (kept === undefined) return answer.catch(() => nothing());
    return Promise.race([answer.catch(() => kept), after(PATIENCE_MS).then(() => kept)]);
  },
);

registerRoute(
  ({ request, sameOrigin }) => sameOrigin && request.mode === "navigate",
  ({ request }) => fetch(request).catch(() => nothing()),
);

/** From page to page inside: without a signal the browser goes there itself, and is shown what is kept. */
registerRoute(
  ({ request, url, sameOrigin }) => sameOrigin && request.headers.has("X-Inertia") && pageOf(url) !== null,
  async ({ request, url }) => {
    try {
      return await fetch(request);
    } catch {
      return new Response(null, { status: 409, headers: { "X-Inertia-Location": url.href } });
    }
  },
);

registerRoute(
  ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith("/engine/"),
  async ({ request, url }) => {
    const cache = await caches.open(ENGINE);
    const kept = await cache.match(url.pathname);
    const isList = url.pathname.endsWith(".json") && !/-[0-9a-f]{8}\.json$/.test(url.pathname);
    // Named by what is in it: what is kept under a name is that.
    if (kept !== undefined && !isList) return kept;
    try {
      const response = await fetch(request);
      if (response.ok) {
        await cache.put(url.pathname, response.clone());
        if (isList) await tidied(cache, response.clone());
      }
      return response;
    } catch (fault) {
      if (kept !== undefined) return kept;
      throw fault;
    }
  },
);

registerRoute(
  ({ url, sameOrigin }) => sameOrigin && /^\/houses\/[0-9a-z]{26}\/photos\/[0-9a-f]{64}\./.test(url.pathname),
  async ({ request }) => {
    const cache = await caches.open(PHOTOS);
    const kept = await cache.match(request);
    if (kept) return kept;
    const response = await fetch(request);
    if (response.ok) await cache.put(request, response.clone());
    return response;
  },
);

/** Files of an older engine go when the list of the newer one is here. */
async function tidied(cache: Cache, response: Response): Promise<void> {
  const list = (await response.json()) as { files: { file: string }[] };
  const names = new Set(["/engine/engine.json", ...list.files.map((one) => `/engine/${one.file}`)]);
  for (const one of await cache.keys()) if (!names.has(new URL(one.url).pathname)) await cache.delete(one);
}

function after(ms: number): Promise<void> {
  return new Promise((done) => setTimeout(done, ms));
}

/** Neither the server nor a copy: what to do is said in one page. */
function nothing(): Response {
  return new Response(
    `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width">
<title>No signal</title><body style="font:1.1rem/1.5 sans-serif;max-width:30rem;margin:15vh auto;padding:0 1rem">
<h1>No signal</h1><p>This page needs the server, and it is not on this phone. What you told before is kept, and is sent when there is a
signal.</p><p><a href="/houses" style="display:inline-block;padding:.8rem 0">The houses on this phone</a></p></body></html>`,
    { status: 503, headers: { "Content-Type": "text/html; charset=utf-8" } },
  );
}
