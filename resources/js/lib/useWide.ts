import { useSyncExternalStore } from "react";

const WIDE = "(min-width: 1024px)";

function subscribe(changed: () => void): () => void {
  const query = matchMedia(WIDE);
  query.addEventListener("change", changed);
  return () => query.removeEventListener("change", changed);
}

let onScreen = false;

/** Paper is narrower than the screen it is printed from, but shows the same. */
function snapshot(): boolean {
  if (!matchMedia("print").matches) onScreen = matchMedia(WIDE).matches;
  return onScreen;
}

/** Whether the screen has room for a drawing and an outlet side by side. */
export function useWide(): boolean {
  return useSyncExternalStore(subscribe, snapshot);
}
