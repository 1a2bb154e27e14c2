import { QueryClient } from "@tanstack/query-core";
import { post, type Reply, upload } from "@/lib/api";
import * as journal from "./journal";
import { onReach, reach } from "./reach";
import type { Told } from "./store";

/**
 * Sends what waits, one after the other in the order it was told, each until the server has answered it: TanStack Query tries again, waits
 * while there is no signal, and goes on when there is. One tab sends at a time, for all of them.
 */

const client = new QueryClient();
// From here on it hears when the signal comes back, and goes on.
client.mount();
const FIRST_MS = 1000;
const LONGEST_MS = 5000;

type Answer = Extract<Reply<Record<string, unknown>>, { kind: "done" | "refused" | "clash" | "stale" }>;

/** Not answered: to be tried again. */
class Unanswered extends Error {}

/** Nobody is signed in: it waits until the same person is. */
class SignedOut extends Error {}

let running: string | null = null;
let again = false;

/** Sees to it that everything somebody told on this phone is sent. Asked twice it does it once. */
export function sendAll(user: string): void {
  if (running !== null) {
    again = true;
    return;
  }
  running = user;
  void locked(() => sendEach(user)).finally(() => {
    running = null;
    if (again) {
      again = false;
      sendAll(user);
    }
  });
}

async function locked(work: () => Promise<void>): Promise<void> {
  if (typeof navigator !== "undefined" && navigator.locks) await navigator.locks.request("bouclier-send", work);
  else await work();
}

async function sendEach(user: string): Promise<void> {
  for (let told = await journal.next(user); told !== null; told = await journal.next(user)) {
    try {
      await sendOne(told);
    } catch (fault) {
      if (fault instanceof SignedOut) return;
      throw fault;
    }
  }
}

async function sendOne(told: Told): Promise<void> {
  const mutation = client.getMutationCache().build(client, {
    mutationKey: ["tell", told.house, told.id],
    mutationFn: async (): Promise<Answer> => {
      // It may have been dropped, carried out here or sent by another tab since it was tried last.
      const still = await journal.find(told.id);
      if (still === null) return { kind: "done", body: {} };
      const reply = await tell(still);
      if (reply.kind === "unreached") throw new Unanswered();
      if (reply.kind === "signed-out") throw new SignedOut();
      return reply;
    },
    retry: (_count, fault) => fault instanceof Unanswered,
    retryDelay: (count) => Math.min(FIRST_MS * 2 ** count, LONGEST_MS),
    networkMode: "online",
    gcTime: 0,
  });
  const reply = await mutation.execute(undefined);
  if (reply.kind === "done") {
    const head = (reply.body.house ?? {}) as { revision?: number };
    await journal.arrived(told, Number(reply.body.revision ?? head.revision ?? told.knew), reply.body);
  } else if (reply.kind === "stale") {
    await journal.refused(told, { message: "The house was changed elsewhere in the meantime." });
  } else {
    const { kind: _, ...refusal } = reply;
    await journal.refused(told, refusal);
  }
}

function tell(told: Told): Promise<Reply<Record<string, unknown>>> {
  const url = `/houses/${told.house}`;
  const command = {
    id: told.id,
    at: told.at,
    ...(told.after ? { after: told.after } : {}),
    ...(told.late ? { late: true, gave: told.late.gave } : {}),
  };
  if (told.photo) {
    const form = new FormData();
    form.set("photo", told.photo);
    if (typeof told.body.text === "string") form.set("text", told.body.text);
    form.set("command[id]", command.id);
    form.set("command[at]", command.at);
    return upload(`${url}/${told.path}`, form);
  }
  // A line goes as what it was read to mean here: the codes in it are those of this phone.
  const changes = told.late?.changes ?? null;
  return changes === null
    ? post(`${url}/${told.path}`, { ...told.body, revision: told.knew, command })
    : post(`${url}/changes`, { changes, revision: told.knew, command });
}

// Signed in again, or in reach again: what waits goes on at once.
let was = reach();
onReach(() => {
  const is = reach();
  if (running === null && lastUser !== null && ((is.answers && !was.answers) || (!is.signedOut && was.signedOut)))
    sendAll(lastUser);
  was = is;
});

let lastUser: string | null = null;

/** Whose journal is sent as soon as that can be. */
export function sendFor(user: string): void {
  lastUser = user;
  sendAll(user);
}
