import { startTransition, useMemo, useRef, useState } from "react";
import { heardAt, heardNow } from "@/data/heard";
import type { PageHere } from "@/data/pocket";
import type { HouseHead, JudgedPage } from "@/types/pages";
import type { Answer } from "./requests";

/**
 * The sheet of the house that is on screen. The server sends it whole, and so does this phone, save where a few rooms are touched: those
 * are shown as soon as they are judged, and the rest after.
 */
export function useSheet(initial: JudgedPage) {
  const house = initial.house.id;
  const [sheet, setSheet] = useState(initial);
  /** Since when nothing was heard of what others do. */
  const [silentSince, setSilentSince] = useState<string | null>(null);
  const now = useRef({
    house: initial.house,
    /** How often the house was another one, as this phone makes it: its revision does not tell those apart. */
    made: 0,
    /** How often anything of it was shown. */
    shown: 0,
    /** Rooms are shown that are ahead of the rest. */
    restWaits: false,
  });

  const screen = useMemo(() => {
    const show = (next: (before: JudgedPage) => JudgedPage, head: HouseHead) => {
      now.current.shown += 1;
      now.current.house = head;
      setSheet(next);
    };
    /** Looks up how long nothing was heard, and shows it. */
    const listen = (): string | null => {
      const since = heardAt(house);
      setSilentSince(since);
      return since;
    };
    const showWhole = (next: JudgedPage) => {
      now.current.restWaits = false;
      show(() => next, next.house);
      listen();
    };
    return {
      latest: () => now.current.house,
      versionNow: (head: HouseHead) => versionOf(head, now.current.made),
      listen,
      heard: () => {
        heardNow(house);
        listen();
      },
      /** As the server sends it, or as it is at last here. */
      showWhole,
      /** The head alone, as the server sends it. */
      showHead: (head: HouseHead) => show((before) => ({ ...before, house: head }), head),
      /** As this phone makes it. */
      showMade: (page: PageHere | JudgedPage) => {
        now.current.made += 1;
        if (isWhole(page)) {
          showWhole(page);
          return;
        }
        const { rooms, house: head, live, mains, alarms } = page;
        now.current.restWaits = true;
        show((before) => {
          const touched = before.rooms.map((room) => rooms.find((one) => one.id === room.id) ?? room);
          return { ...before, house: head, live, mains, alarms, rooms: touched };
        }, head);
      },
      /** The rest of what this phone has made, unless something else came to be shown meanwhile. */
      showRest: async (ask: () => Promise<JudgedPage | null>) => {
        if (!now.current.restWaits) return;
        now.current.restWaits = false;
        const since = now.current.shown;
        const rest = await ask();
        if (since !== now.current.shown) return;
        // Drawn when there is time: a tap comes first.
        if (rest) startTransition(() => showWhole(rest));
        else now.current.restWaits = true;
      },
    };
  }, [house]);

  return { sheet, version: versionOf(sheet.house, now.current.made), heardAt: silentSince, screen };
}

function versionOf(house: HouseHead, made: number): string {
  return `${house.revision}.${made}`;
}

export function isWhole(answer: Answer): answer is Answer & JudgedPage {
  return answer.concerns !== undefined;
}
