import { useCallback, useEffect, useRef, useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import { get, post, type Reply, remove } from "@/lib/api";
import type { HuntPage } from "@/types/pages";
import type { Pulse } from "@/types/sent";

const QUICK_MS = 700;
const CALM_MS = 4000;

export interface HuntInHand {
  hunt: HuntPage | null;
  begin: (point: string) => void;
  flipped: () => void;
  looked: (out: boolean) => void;
  end: () => void;
}

/** Notices what others do to the house: often while a breaker is looked for or something is off, now and then otherwise. */
export function usePulse(house: HouseInHand): HuntInHand {
  const [hunt, setHunt] = useState<HuntPage | null>(null);
  const url = `/houses/${house.sheet.house.id}`;
  const now = useRef(house);
  now.current = house;
  const take = useCallback((reply: Reply<Pulse>) => {
    if (reply.kind !== "done") return;
    setHunt(reply.body.hunt);
    now.current.heard(reply.body.revision);
  }, []);
  const quick = hunt !== null || house.sheet.live.some((breaker) => breaker.off);
  useEffect(() => {
    let timer = 0;
    let gone = false;
    const beat = async () => {
      if (document.visibilityState === "visible") take(await get<Pulse>(`${url}/pulse`));
      if (!gone) timer = window.setTimeout(() => void beat(), quick ? QUICK_MS : CALM_MS);
    };
    void beat();
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [url, quick, take]);
  const answer = (path: string, body: Record<string, unknown>) =>
    void post<Pulse>(`${url}/hunt${path}`, { step: hunt?.step, ...body }).then((reply) => {
      take(reply);
      if (reply.kind === "unreached")
        now.current.say(
          "Two phones find a breaker through the server, and it cannot be reached. Turn one off and look.",
        );
    });
  return {
    hunt,
    begin: (point) => answer("", { point }),
    flipped: () => answer("/flipped", {}),
    looked: (out) => answer("/looked", { out }),
    end: () => void remove<Pulse>(`${url}/hunt`).then(take),
  };
}
