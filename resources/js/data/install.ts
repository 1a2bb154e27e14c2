import { Workbox } from "workbox-window";
import * as journal from "./journal";

/** The service worker, registered once the page stands; a newer one takes over as soon as nothing told here waits any more. */

let worker: Workbox | null = null;

export function install(user: string): void {
  if (worker !== null || !("serviceWorker" in navigator)) return;
  worker = new Workbox("/sw.js", { scope: "/" });
  worker.addEventListener("waiting", () => void takeOver(user));
  journal.onNews(() => void takeOver(user));
  void worker.register().catch((fault: unknown) => console.warn("Nothing is kept for when there is no signal:", fault));
}

async function takeOver(user: string): Promise<void> {
  const registration = await navigator.serviceWorker.getRegistration();
  if (registration?.waiting && (await journal.next(user)) === null) registration.waiting.postMessage("take-over");
}

/** Pages and photographs of houses are not shown to whoever comes next. */
export function hide(): void {
  navigator.serviceWorker?.controller?.postMessage("hide");
}
