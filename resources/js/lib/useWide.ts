import { useSyncExternalStore } from "react";

const WIDE = "(min-width: 1024px)";

function subscribe(changed: () => void): () => void {
  const query = matchMedia(WIDE);
  query.addEventListener("change", changed);
  return () => query.removeEventListener("change", changed);
}

/** Whether the screen has room for a drawing and an outlet side by side. */
export function useWide(): boolean {
  return useSyncExternalStore(subscribe, () => matchMedia(WIDE).matches);
}
