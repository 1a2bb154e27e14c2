import { type DBSchema, type IDBPDatabase, openDB } from "idb";

/** What this phone keeps: everything told of a house until the server has it, and the houses that are taken along. */

/** Why the server did not take something, and where two set the same field what both want. */
export interface Refusal {
  message: string;
  clashes?: Clash[];
}

export interface Clash {
  in: string;
  id: string;
  /** As the house file names it; empty where the part is gone. */
  field: string;
  mine: unknown;
  theirs: unknown;
  who: string | null;
  at: string;
  /** The revision that theirs came with. */
  revision: number;
}

/** One thing told of a house, by an id of its own. */
export interface Told {
  /** Its place: what was told first is sent first. */
  n: number;
  id: string;
  house: string;
  user: string;
  /** When it was done, by the server's clock: ISO 8601, UTC. */
  at: string;
  path: string;
  body: Record<string, unknown>;
  /** The revision of the house that was known then. */
  knew: number;
  /** What it is called where it waits. */
  name: string;
  photo?: Blob;
  /** The id of the line it was typed after. */
  after?: string;
  /** Carried out on this phone before it was sent: the codes that new rooms and outlets got here, and what a line was read to mean. */
  late?: { gave: Record<string, string>; changes: unknown[] | null };
  refusal?: Refusal;
}

interface Schema extends DBSchema {
  told: { key: number; value: Told; indexes: { id: string } };
  kept: { key: string; value: unknown };
}

let opened: Promise<IDBPDatabase<Schema>> | null = null;

export function store(): Promise<IDBPDatabase<Schema>> {
  opened ??= openDB<Schema>("bouclier", 1, {
    upgrade(db) {
      db.createObjectStore("told", { keyPath: "n", autoIncrement: true }).createIndex("id", "id", { unique: true });
      db.createObjectStore("kept");
    },
    terminated() {
      opened = null;
    },
  });
  return opened;
}

/** Everything is forgotten: somebody else may have the phone. */
export async function forgetAll(): Promise<void> {
  const db = await store();
  await Promise.all([db.clear("told"), db.clear("kept")]);
}
