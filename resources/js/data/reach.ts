import { useSyncExternalStore } from "react";

/** Whether the server answers, who it takes this phone to be, and what its clock says. */
export interface Reach {
  /** It answered last; false where it did not, or the phone says that there is no signal. */
  answers: boolean;
  /** It answered that nobody is signed in. */
  signedOut: boolean;
}

let now: Reach = { answers: typeof navigator === "undefined" || navigator.onLine !== false, signedOut: false };
const listeners = new Set<() => void>();

function set(next: Reach): void {
  if (next.answers === now.answers && next.signedOut === now.signedOut) return;
  now = next;
  for (const hear of listeners) hear();
}

export function reach(): Reach {
  return now;
}

export function onReach(hear: () => void): () => void {
  listeners.add(hear);
  return () => listeners.delete(hear);
}

export function useReach(): Reach {
  return useSyncExternalStore(onReach, reach);
}

/** An answer of the server, whatever it says; null where none came. */
export function answered(response: Response | null): void {
  if (response === null) {
    set({ ...now, answers: false });
    return;
  }
  const date = Date.parse(response.headers.get("Date") ?? "");
  if (Number.isFinite(date)) setClock(date);
  const isOut = response.status === 401 || response.status === 419;
  set({ answers: true, signedOut: isOut || (now.signedOut && !response.ok) });
}

if (typeof addEventListener !== "undefined") {
  addEventListener("offline", () => set({ ...now, answers: false }));
  addEventListener("online", () => set({ ...now, answers: true }));
}

const CLOCK = "bouclier-clock";
/** The server says its time to the second: nearer than this a clock is right. */
const RIGHT_MS = 1500;

/** How far the clock of this phone is behind the server's, in milliseconds. Kept, for there may be no server the next time. */
let behind = Number(typeof localStorage === "undefined" ? 0 : (localStorage.getItem(CLOCK) ?? 0)) || 0;

function setClock(server: number): void {
  const found = server + 500 - Date.now();
  const is = Math.abs(found) < RIGHT_MS ? 0 : found;
  if (Math.abs(is - behind) < RIGHT_MS) return;
  behind = is;
  if (typeof localStorage !== "undefined") localStorage.setItem(CLOCK, String(behind));
}

/** Now, by the clock of the server, as records are given it. */
export function serverNow(): string {
  return `${new Date(Date.now() + behind).toISOString().slice(0, 19)}Z`;
}
