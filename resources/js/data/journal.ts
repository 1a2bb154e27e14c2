import { type Refusal, store, type Told } from "./store";

/**
 * The journal of this phone: what was told of its houses and the server does not have yet, in the order it was told. Every tab sees the
 * same one, and hears what the others do to it.
 */

/** What becomes of something told, as every tab hears it. */
export type News =
  | { kind: "kept"; told: Told }
  | { kind: "arrived"; house: string; id: string; revision: number; said: unknown }
  | { kind: "refused"; house: string; id: string; refusal: Refusal }
  | { kind: "dropped"; house: string; id: string };

const listeners = new Set<(news: News) => void>();
const tabs = typeof BroadcastChannel === "undefined" ? null : new BroadcastChannel("bouclier-journal");
tabs?.addEventListener("message", (event: MessageEvent<News>) => {
  for (const hear of listeners) hear(event.data);
});

export function onNews(hear: (news: News) => void): () => void {
  listeners.add(hear);
  return () => listeners.delete(hear);
}

/** To the other tabs as far as it can be copied there, and to this one with all of it. */
function tell(news: News, own: News = news): void {
  tabs?.postMessage(news);
  for (const hear of listeners) hear(own);
}

/** Kept when this is done, and not before. */
export async function keep(told: Omit<Told, "n">): Promise<Told> {
  const db = await store();
  const n = await db.add("told", told as Told);
  const kept = { ...told, n };
  tell({ kind: "kept", told: kept });
  return kept;
}

/** Of one house, all that waits and all that was refused, in its order. */
export async function ofHouse(house: string, user: string): Promise<Told[]> {
  return (await (await store()).getAll("told")).filter((one) => one.house === house && one.user === user);
}

/** Of all houses. */
export async function ofUser(user: string): Promise<Told[]> {
  return (await (await store()).getAll("told")).filter((one) => one.user === user);
}

/** What this page is carrying out just now: it goes when that is done, as what it was read to mean. */
const held = new Set<string>();

export function hold(id: string): void {
  held.add(id);
}

export function release(id: string): void {
  held.delete(id);
}

/** What is to be sent next; null where there is nothing, or it is being carried out here first. */
export async function next(user: string): Promise<Told | null> {
  const first = (await ofUser(user)).find((one) => one.refusal === undefined) ?? null;
  return first === null || held.has(first.id) ? null : first;
}

export async function find(id: string): Promise<Told | null> {
  return (await (await store()).getFromIndex("told", "id", id)) ?? null;
}

/** With what this phone made of it, unless it is gone meanwhile. */
export async function carriedOut(id: string, late: NonNullable<Told["late"]>): Promise<void> {
  const transaction = (await store()).transaction("told", "readwrite");
  const told = await transaction.store.index("id").get(id);
  if (told) await transaction.store.put({ ...told, late });
  await transaction.done;
}

export async function arrived(told: Told, revision: number, said: unknown): Promise<void> {
  await (await store()).delete("told", told.n);
  tell(
    { kind: "arrived", house: told.house, id: told.id, revision, said: null },
    { kind: "arrived", house: told.house, id: told.id, revision, said },
  );
}

export async function refused(told: Told, refusal: Refusal): Promise<void> {
  await (await store()).put("told", { ...told, refusal });
  tell({ kind: "refused", house: told.house, id: told.id, refusal });
}

/** Taken out by who told it. */
export async function drop(told: Told): Promise<void> {
  await (await store()).delete("told", told.n);
  tell({ kind: "dropped", house: told.house, id: told.id });
}
