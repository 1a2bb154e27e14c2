/** Whether this phone takes the engine along: asked of nobody where it costs nothing, said by who has it where it does. */

const SETTING = "bouclier-engine";

export type Setting = "on" | "off" | null;

interface Connection {
  saveData?: boolean;
  type?: string;
}

export function setting(): Setting {
  const said = localStorage.getItem(SETTING);
  return said === "on" || said === "off" ? said : null;
}

export function set(said: "on" | "off"): void {
  localStorage.setItem(SETTING, said);
}

/** A line that is paid for by what goes over it, as far as the browser tells. */
export function isMetered(): boolean {
  const line = (navigator as Navigator & { connection?: Connection }).connection;
  return line?.saveData === true || line?.type === "cellular";
}

/** Resolves when the page has nothing better to do, with whether the engine is to be started then. */
export async function idle(): Promise<boolean> {
  if (typeof Worker === "undefined" || setting() === "off") return false;
  if (setting() === null && isMetered() && navigator.onLine) return false;
  await new Promise<void>((done) =>
    typeof requestIdleCallback === "undefined"
      ? setTimeout(done, 500)
      : requestIdleCallback(() => done(), { timeout: 2000 }),
  );
  return true;
}

/** An id that nobody else makes: also where the page is not served by https. */
export function newId(): string {
  return typeof crypto.randomUUID === "function"
    ? crypto.randomUUID()
    : [...crypto.getRandomValues(new Uint8Array(16))].map((one) => one.toString(16).padStart(2, "0")).join("");
}
