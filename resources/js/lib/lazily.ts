import { type ComponentType, type LazyExoticComponent, lazy } from "react";

/** What is not seen at first is not fetched at first; but soon after: when the signal goes, everything is here. */
const SOON_MS = 2500;

const AGAIN_MS = 2000;

const FIRST_TOUCHES = ["pointermove", "pointerdown", "keydown"];

const waiting: (() => Promise<unknown>)[] = [];

/** What a tap opens: fetched as soon as a hand is on the page. */
const firstOnes: (() => Promise<unknown>)[] = [];

/**
 * A component that is fetched when it is first shown, or a little after the page is; `first` goes before the others. Without a signal it
 * is waited for.
 */
export function lazily<P extends object>(
  load: () => Promise<ComponentType<P>>,
  first = false,
): LazyExoticComponent<ComponentType<P>> {
  const loaded = async (): Promise<{ default: ComponentType<P> }> => {
    for (;;) {
      try {
        return { default: await load() };
      } catch {
        await new Promise((again) => setTimeout(again, AGAIN_MS));
      }
    }
  };
  (first ? firstOnes : waiting).push(loaded);
  return lazy(loaded);
}

/** Fetches what a page may come to show, once it stands; answers what calls that off. */
export function fetchSoon(): () => void {
  const fetchFirst = () => {
    for (const load of firstOnes.splice(0)) void load();
  };
  for (const event of FIRST_TOUCHES) addEventListener(event, fetchFirst, { once: true, passive: true });
  const timer = setTimeout(() => {
    fetchFirst();
    for (const load of waiting.splice(0)) void load();
  }, SOON_MS);
  return () => {
    clearTimeout(timer);
    for (const event of FIRST_TOUCHES) removeEventListener(event, fetchFirst);
  };
}
