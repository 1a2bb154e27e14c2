import { useCallback, useState } from "react";
import type { Asking } from "./asking";

/** A walk that was begun outlives a reload: it is kept in this window until it is filed. */
export function useAsking(houseId: string): [Asking | null, (asking: Asking | null) => void] {
  const key = `bouclier.walk.${houseId}`;
  const [asking, setAsking] = useState<Asking | null>(() => {
    const kept = sessionStorage.getItem(key);
    // One that was begun before there was a third answer has none.
    return kept === null ? null : { skipped: [], ...(JSON.parse(kept) as Omit<Asking, "skipped">) };
  });
  const set = useCallback(
    (next: Asking | null) => {
      if (next === null) sessionStorage.removeItem(key);
      else sessionStorage.setItem(key, JSON.stringify(next));
      setAsking(next);
    },
    [key],
  );
  return [asking, set];
}
