import { hashKey, QueryClient } from "@tanstack/query-core";
import { experimental_createQueryPersister, type PersistedQuery } from "@tanstack/query-persist-client-core";
import { get } from "@/lib/api";
import { store } from "./store";

/**
 * Houses on this phone: those opened in the last fourteen days, and those that are pinned. TanStack Query keeps them, in the store of this
 * phone; they are not encrypted there.
 */

const DAY_MS = 86_400_000;
export const DAYS = 14;

/** A house as the server sends it to be taken along; the engine reads it. */
export type Sent = Record<string, unknown> & { file: { name: string } };

/** What is said of a house that is on this phone. */
export interface OnPhone {
  house: string;
  user: string;
  name: string;
  pinned: boolean;
  /** When it was last opened, and when it was last as the server has it: milliseconds. */
  opened: number;
  since: number;
}

const persister = experimental_createQueryPersister<PersistedQuery>({
  storage: {
    getItem: async (key) => (await (await store()).get("kept", key)) as PersistedQuery | undefined,
    setItem: async (key, query) => void (await (await store()).put("kept", query, key)),
    removeItem: async (key) => (await store()).delete("kept", key),
  },
  // How long a house is kept is said below; it is not forgotten by its age alone.
  maxAge: Number.POSITIVE_INFINITY,
  serialize: (query) => query,
  deserialize: (query) => query,
  prefix: "house",
  refetchOnRestore: false,
});

const client = new QueryClient({
  defaultOptions: { queries: { retry: false, structuralSharing: false, networkMode: "always" } },
});

function keyOf(house: string, user: string): string[] {
  return [user, house];
}

async function fetched(house: string): Promise<Sent> {
  const reply = await get<Sent>(`/houses/${house}/pocket`);
  if (reply.kind !== "done") throw new Error(reply.kind);
  return reply.body;
}

/** The copy that is here, else one from the server; null where there is neither. It counts as opened. */
export async function known(
  house: string,
  user: string,
): Promise<{ sent: Sent; fresh: boolean; since: number } | null> {
  const began = Date.now();
  try {
    const sent = await client.fetchQuery<Sent, Error, Sent, string[]>({
      queryKey: keyOf(house, user),
      queryFn: () => fetched(house),
      persister: (fetch, context, query) => persister.persisterFn(() => fetch(context), context, query),
      staleTime: Number.POSITIVE_INFINITY,
    });
    const since = client.getQueryState(keyOf(house, user))?.dataUpdatedAt ?? began;
    await noted(house, user, { name: sent.file.name, opened: began, since });
    return { sent, fresh: since >= began, since };
  } catch {
    return null;
  }
}

/** The house as it is on the server now, kept in the place of the copy; null where it does not come. */
export async function renewed(house: string, user: string): Promise<Sent | null> {
  try {
    const sent = await fetched(house);
    client.setQueryData(keyOf(house, user), sent);
    await persister.persistQueryByKey(keyOf(house, user), client);
    await noted(house, user, { name: sent.file.name, since: Date.now() });
    return sent;
  } catch {
    return null;
  }
}

const LIST = "houses";

/** All that is on this phone for somebody. */
export async function onPhone(user: string): Promise<OnPhone[]> {
  return Object.values(await listed()).filter((one) => one.user === user);
}

export async function pin(house: string, user: string, pinned: boolean): Promise<void> {
  await noted(house, user, { pinned });
}

/** Those that nobody opened for long, and nobody pinned, are given up. */
export async function tidied(now = Date.now()): Promise<void> {
  for (const one of Object.values(await listed()))
    if (!one.pinned && now - one.opened > DAYS * DAY_MS) await givenUp(one.house, one.user);
}

export async function givenUp(house: string, user: string): Promise<void> {
  client.removeQueries({ queryKey: keyOf(house, user) });
  const transaction = (await store()).transaction("kept", "readwrite");
  const list = ((await transaction.store.get(LIST)) ?? {}) as Record<string, OnPhone>;
  delete list[`${user} ${house}`];
  await transaction.store.put(list, LIST);
  await transaction.store.delete(`house-${hashKey(keyOf(house, user))}`);
  await transaction.done;
}

/** Of somebody who signs out: nothing of the houses stays, but what waits to be sent. */
export async function forgotten(user: string): Promise<void> {
  for (const one of await onPhone(user)) await givenUp(one.house, user);
}

async function listed(): Promise<Record<string, OnPhone>> {
  return ((await (await store()).get("kept", LIST)) ?? {}) as Record<string, OnPhone>;
}

async function noted(house: string, user: string, what: Partial<OnPhone>): Promise<void> {
  const transaction = (await store()).transaction("kept", "readwrite");
  const list = ((await transaction.store.get(LIST)) ?? {}) as Record<string, OnPhone>;
  const key = `${user} ${house}`;
  const now = Date.now();
  list[key] = { house, user, name: "", pinned: false, opened: now, since: now, ...list[key], ...what };
  await transaction.store.put(list, LIST);
  await transaction.done;
}
