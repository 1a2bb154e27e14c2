import { router } from "@inertiajs/react";
import * as journal from "./journal";

const SOON_MS = 3000;
const WHO = "bouclier-user";

/**
 * Wherever somebody is signed in: what waits is sent, and the application is kept for when there is no signal. Where nobody is, no house is
 * shown to whoever comes next; what waits stays until the same person signs in.
 */
export function attend(): void {
  let attended: string | null = null;
  router.on("navigate", (event) => {
    const user = (event.detail.page.props.user as { id: string } | null | undefined)?.id ?? null;
    if (user === null) {
      if (localStorage.getItem(WHO) !== null) {
        localStorage.removeItem(WHO);
        void import("./install").then(({ hide }) => hide());
      }
      return;
    }
    if (user === attended) return;
    attended = user;
    localStorage.setItem(WHO, user);
    setTimeout(async () => {
      (await import("./install")).install(user);
      await (await import("./houses")).tidied();
      if ((await journal.next(user)) !== null) (await import("./phone")).sendFor(user);
    }, SOON_MS);
  });
}
