import { type ComponentType, type LazyExoticComponent, lazy } from "react";

/** What is not seen at first is not fetched at first; but soon after: when the signal goes, everything is here. */
const SOON_MS = 2500;

const AGAIN_MS = 2000;

const waiting: (() => Promise<unknown>)[] = [];

/** A component that is fetched when it is first shown, or a little after the page is. Without a signal it is waited for. */
export function lazily<P extends object>(load: () => Promise<ComponentType<P>>): LazyExoticComponent<ComponentType<P>> {
  const loaded = async (): Promise<{ default: ComponentType<P> }> => {
    for (;;) {
      try {
        return { default: await load() };
      } catch {
        await new Promise((again) => setTimeout(again, AGAIN_MS));
      }
    }
  };
  waiting.push(loaded);
  return lazy(loaded);
}

/** Fetches what a page may come to show, once it stands; answers what calls that off. */
export function fetchSoon(): () => void {
  const timer = setTimeout(() => {
    for (const load of waiting.splice(0)) void load();
  }, SOON_MS);
  return () => clearTimeout(timer);
}
