import { useCallback, useEffect, useRef, useState } from "react";
import { read, type Sight, write } from "./address";

/** How many steps of looking lie behind, kept with the step so that a reload does not lose it. */
const DEPTH = "bouclierDepth";

export interface Address {
  sight: Sight;
  /** One more step of looking: Back undoes it. */
  go: (next: Partial<Sight>) => void;
  /** Another of the same, as from outlet to outlet: Back undoes both. */
  swap: (next: Partial<Sight>) => void;
  /** Closes what the last step opened. */
  close: (rest: Partial<Sight>) => void;
}

/**
 * The address says what is looked at, so that a reload, a link and a second tab find it, and Back undoes the last step of looking before
 * it leaves the house.
 */
export function useAddress(houseId: string): Address {
  const [sight, see] = useState<Sight>(() => read(location.pathname));
  const now = useRef(sight);
  now.current = sight;

  useEffect(() => {
    const home = `/houses/${houseId}`;
    const onPop = (event: PopStateEvent) => {
      if (location.pathname !== home && !location.pathname.startsWith(`${home}/`)) return;
      if (depth(event.state) === null) return;
      // The page stays as it is: the house in hand is newer than what the browser kept of it.
      event.stopImmediatePropagation();
      see(read(location.pathname));
    };
    addEventListener("popstate", onPop, true);
    if (depth(history.state) === null) keep("replaceState", 0, location.pathname);
    return () => removeEventListener("popstate", onPop, true);
  }, [houseId]);

  const move = useCallback(
    (how: "pushState" | "replaceState", next: Partial<Sight>) => {
      const to = { ...now.current, ...next };
      if (write(houseId, to) === location.pathname) return;
      now.current = to;
      keep(how, (depth(history.state) ?? 0) + (how === "pushState" ? 1 : 0), write(houseId, to));
      see(to);
    },
    [houseId],
  );
  return {
    sight,
    go: useCallback((next) => move("pushState", next), [move]),
    swap: useCallback((next) => move("replaceState", next), [move]),
    close: useCallback(
      (rest) => {
        if ((depth(history.state) ?? 0) > 0) history.back();
        else move("replaceState", rest);
      },
      [move],
    ),
  };
}

function keep(how: "pushState" | "replaceState", steps: number, path: string) {
  history[how]({ ...history.state, [DEPTH]: steps }, "", path + location.search);
}

function depth(state: unknown): number | null {
  const steps = state !== null && typeof state === "object" ? (state as Record<string, unknown>)[DEPTH] : undefined;
  return typeof steps === "number" ? steps : null;
}
