import { useCallback, useEffect, useRef, useState } from "react";

/** Asked again by itself after so long, each time longer. */
const AGAIN_MS = [1500, 3000, 6000, 12000];

export interface Asked {
  /** It did not come, and is asked for again. */
  failed: boolean;
  /** Asks at once. */
  again: () => void;
}

/** Who is asked for what is at an address: null where no answer came. */
export type Ask = <T>(path: string) => Promise<T | null>;

/**
 * Asks for something, and again until it comes. It is asked anew whenever the key is another; nothing is asked without one.
 * What comes too late, for a key that is not wanted any more, is not taken.
 */
export function useAsked<T>(ask: Ask, path: string, key: string | number | null, take: (body: T) => void): Asked {
  const [failed, setFailed] = useState(false);
  const failures = useRef(0);
  const [turn, setTurn] = useState(0);
  const taker = useRef(take);
  taker.current = take;
  // biome-ignore lint/correctness/useExhaustiveDependencies: a turn more asks again, and so does another key
  useEffect(() => {
    if (key === null) return;
    let gone = false;
    let timer = 0;
    void ask<T>(path).then((answer) => {
      if (gone) return;
      if (answer !== null) {
        failures.current = 0;
        setFailed(false);
        taker.current(answer);
        return;
      }
      const wait = AGAIN_MS[Math.min(failures.current, AGAIN_MS.length - 1)];
      failures.current += 1;
      setFailed(true);
      timer = window.setTimeout(() => setTurn((now) => now + 1), wait);
    });
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [path, key, turn]);
  return { failed, again: useCallback(() => setTurn((now) => now + 1), []) };
}
