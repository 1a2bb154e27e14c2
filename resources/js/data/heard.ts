/** When this phone last knew all that others did to a house: the server said so, or sent it. Kept: a page may open without a signal. */

const KEY = "bouclier-heard";

/** After so long without a word nobody knows what the others did. */
const SILENCE_MS = 20_000;

/** Written down no oftener than this. */
const NOTED_MS = 5000;

const heard = new Map<string, number>();
let noted = 0;

function kept(): Record<string, number> {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? "{}") as Record<string, number>;
  } catch {
    return {};
  }
}

export function heardNow(house: string): void {
  const now = Date.now();
  heard.set(house, now);
  if (now - noted < NOTED_MS) return;
  noted = now;
  localStorage.setItem(KEY, JSON.stringify({ ...kept(), ...Object.fromEntries(heard) }));
}

/** Since when nothing was heard, ISO 8601; null while something is. */
export function heardAt(house: string): string | null {
  const last = heard.get(house) ?? kept()[house] ?? null;
  if (last === null) {
    heardNow(house);
    return null;
  }
  return Date.now() - last < SILENCE_MS ? null : `${new Date(last).toISOString().slice(0, 19)}Z`;
}
