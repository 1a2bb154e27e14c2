import { useCallback, useEffect, useState } from "react";
import { get, post, type Reply } from "@/lib/api";
import type { Arrival } from "@/types/sent";

const EVERY_MS = 1000;

interface ArrivalsInHand {
  waiting: Arrival[];
  /** One that is filed, or put away. */
  taken: (arrival: Arrival) => void;
}

/** Readings of a meter as they arrive, while they are looked for. */
export function useArrivals(wanted = true): ArrivalsInHand {
  const [waiting, setWaiting] = useState<Arrival[]>([]);
  const take = useCallback((reply: Reply<Arrival[]>) => {
    if (reply.kind === "done") setWaiting(reply.body);
  }, []);
  useEffect(() => {
    if (!wanted) return;
    let timer = 0;
    let gone = false;
    const look = async () => {
      if (document.visibilityState === "visible") take(await get<Arrival[]>("/meter/arrivals"));
      if (!gone) timer = window.setTimeout(() => void look(), EVERY_MS);
    };
    void look();
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [take, wanted]);
  return {
    waiting,
    taken: useCallback((arrival) => void post<Arrival[]>(`/meter/arrivals/${arrival.id}/taken`, {}).then(take), [take]),
  };
}

const NAMES = { hn: "hot to neutral", hg: "hot to ground", ng: "neutral to ground" } as const;

/** What arrived, in words. */
export function arrived({ volts, between, ma, trip_ms }: Arrival): string {
  if (volts !== undefined) return `${volts} V ${between ? NAMES[between] : ""}`;
  return ma !== undefined ? `${ma} mA` : `${trip_ms} ms`;
}
