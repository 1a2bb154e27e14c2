import { answered } from "@/data/reach";
import type { Refusal } from "@/data/store";

/** JSON requests to our own server, with the session's token. */

export type Reply<T> =
  | { kind: "done"; body: T }
  | { kind: "stale"; body: StaleReply }
  /** Others did something meanwhile that it does not go with. */
  | ({ kind: "clash" } & Refusal)
  | { kind: "refused"; message: string }
  /** Nobody is signed in any more. */
  | { kind: "signed-out"; message: string }
  | { kind: "unreached" };

export interface StaleReply {
  revision: number;
  since: { number: number; kind: string; summary: string; who: string | null; at: string }[];
}

export async function post<T>(url: string, body: unknown): Promise<Reply<T>> {
  return send<T>(url, { method: "POST", body: JSON.stringify(body) });
}

export async function get<T>(url: string): Promise<Reply<T>> {
  return send<T>(url, {});
}

export async function remove<T>(url: string): Promise<Reply<T>> {
  return send<T>(url, { method: "DELETE" });
}

/** A file with what is said about it. */
export async function upload<T>(url: string, form: FormData): Promise<Reply<T>> {
  return send<T>(url, { method: "POST", body: form });
}

/** Told when the server says that its database is away, and when it answers again. */
type Listener = (away: boolean) => void;

const listeners = new Set<Listener>();

export function onAway(listener: Listener): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** What the server answers when it asks to be asked again later: its database is away, or the crew has asked too much at once. */
const AWAY = 503;
const TOO_MANY = 429;

/** While the server asks to wait nothing is taken and nothing is lost: it is waited for as long as it says, and sent again. */
async function send<T>(url: string, init: RequestInit): Promise<Reply<T>> {
  let told = false;
  for (;;) {
    const response = await fetched(url, init);
    const waits = response?.status === AWAY || response?.status === TOO_MANY;
    const after = waits ? Number(response.headers.get("Retry-After")) : 0;
    if (!(after > 0)) {
      if (told) for (const tell of listeners) tell(false);
      return read<T>(response);
    }
    if (response?.status === AWAY) {
      told = true;
      for (const tell of listeners) tell(true);
    }
    await new Promise((done) => setTimeout(done, after * 1000));
  }
}

async function fetched(url: string, init: RequestInit): Promise<Response | null> {
  try {
    const response = await fetch(url, {
      ...init,
      headers: {
        Accept: "application/json",
        "X-XSRF-TOKEN": token(),
        // A form says its own type, with the boundary between its parts.
        ...(init.body instanceof FormData ? {} : { "Content-Type": "application/json" }),
      },
    });
    answered(response);
    return response;
  } catch {
    answered(null);
    return null;
  }
}

async function read<T>(response: Response | null): Promise<Reply<T>> {
  // An answer that was cut off is none, and a body that came in so was not read: both are asked again.
  const body = response === null ? null : await json(response);
  if (response === null || response.status >= 500 || response.status === 400) return { kind: "unreached" };
  if (response.ok) return body === null ? { kind: "unreached" } : { kind: "done", body: body as T };
  if (response.status === 409 && body !== null)
    return "clashes" in body
      ? { kind: "clash", ...(body as unknown as Refusal) }
      : { kind: "stale", body: body as unknown as StaleReply };
  if (response.status === 401 || response.status === 419)
    return { kind: "signed-out", message: "You are signed out. Reload the page and sign in again." };
  const message = body?.message;
  return {
    kind: "refused",
    message: typeof message === "string" ? message : `The server refused this (${response.status}).`,
  };
}

async function json(response: Response): Promise<Record<string, unknown> | null> {
  try {
    return (await response.json()) as Record<string, unknown>;
  } catch {
    return null;
  }
}

function token(): string {
  const cookie = document.cookie.split("; ").find((c) => c.startsWith("XSRF-TOKEN="));
  return cookie ? decodeURIComponent(cookie.slice("XSRF-TOKEN=".length)) : "";
}
